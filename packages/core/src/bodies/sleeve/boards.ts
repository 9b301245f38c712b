import { panelOutline } from '../../geometry/panel.ts';
import { line, type Outline } from '../../geometry/outline.ts';
import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import { frontHost } from './panels.ts';
import type { Sleeve } from './params.ts';

/** The front of a sleeve lying flat, its mouth at the top; and what stands behind it. */
export function sleeveBoards({ detail }: SizedBody<Sleeve>): BoardPlan[] {
  const { width, height, base, cut, slope, lined } = detail;
  const { host, bottom } = frontHost(detail);
  const boxed = detail.form === 'boxed';
  // the board begins above the base
  const below = bottom + (boxed ? base.value / 2 : 0);
  const size = { width: width.value, height: height.value };
  const sizes = {
    across: { path: 'body/flatWidth' },
    up: { path: 'finished/height', pin: 'body/height' },
  };
  const shape = {
    tab: 'top' as const,
    ...(cut.value > 0 && { outline: cutCorners(size.width, size.height, cut.value) }),
    ...(slope.value > 0 && {
      outline: panelOutline({ ...size, taper: 0, notch: 0, slope: slope.value }),
    }),
  };
  const note = boxed ? { note: { text: 'Opened, it stands on a base as deep as', path: 'finished/depth' } } : {};
  return [
    {
      ...board(
        { id: 'front', title: boxed ? 'Front, lying flat above its base' : 'Front, lying flat', ground: 'exterior' },
        size,
        [boardFace('inside', { cloth: 'exterior' }), boardFace('front', { dy: -below })],
        sizes,
      ),
      ...shape,
      ...note,
      top: { piece: host.piece, dx: 0, dy: -below },
    },
    ...[
      { id: 'inside', title: 'Behind the front', face: boardFace('inside', { open: true }) },
      ...(slope.value > 0 || detail.bottom === 'side'
        ? []
        : [{ id: 'divider', title: 'What hangs in it', face: boardFace('divider') }]),
    ].map(({ id, title, face }) => ({
      ...board({ id, title, ground: lined ? 'lining' : 'exterior' }, size, [face], sizes),
      ...shape,
    })),
  ];
}

/** A rectangle without its lower corners. */
function cutCorners(width: number, height: number, cut: number): Outline {
  return [
    line('bottom', [cut, 0], [width - cut, 0]),
    line('cut-right', [width - cut, 0], [width, cut]),
    line('right', [width, cut], [width, height]),
    line('top', [width, height], [0, height]),
    line('left', [0, height], [0, cut]),
    line('cut-left', [0, cut], [cut, 0]),
  ];
}

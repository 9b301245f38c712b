import type { SizedBody } from '../body-kind.ts';
import { boardFace, type BoardPlan } from '../board-plan.ts';
import { roundedRectangle } from '../../geometry/outline.ts';
import { ACROSS, behind, sides, type Foldover } from './params.ts';

/** Both sides of a wallet lying open. */
export function foldoverBoards({ detail, faces }: SizedBody<Foldover>): BoardPlan[] {
  const [leaf, height, radius] = [detail.leafWidth.value, detail.height.value, detail.radius.value];
  const [inner, outer] = [detail.liningWidth.value, detail.shellWidth.value];
  const has = (id: string) => faces.find((face) => face.id === id);
  const notes = has('inside');
  // a note panel is narrower than the lining behind it, which goes farther round the fold
  const beyond = (id: string) => inner - (has(id)?.host.width ?? inner);
  const up = { path: 'finished/height', pin: 'body/height', from: 0, to: height, side: 'right' } as const;
  const round = (width: number) => (radius > 0 ? { outline: roundedRectangle(width, height, radius) } : {});
  return [
    {
      id: 'inside',
      title: 'Inside, lying open',
      ground: 'lining',
      width: inner,
      height,
      ...round(inner),
      faces: [
        boardFace(ACROSS),
        ...(notes ? [boardFace('inside', { stretch: inner / notes.room.width.value })] : []),
        ...sides.flatMap((side) =>
          [behind(side), side].map((id) => boardFace(id, side === 'right' ? { dx: beyond(id) } : {})),
        ),
      ],
      folds: [{ x0: leaf, x1: inner - leaf }],
      sizes: [
        { path: 'body/leafWidth', from: 0, to: leaf, side: 'near' },
        { path: 'body/acrossFold', pin: 'body/spine', from: leaf, to: inner - leaf, side: 'near', quiet: true },
        { path: 'body/leafWidth', from: inner - leaf, to: inner, side: 'near' },
        { path: 'finished/openWidth', from: 0, to: inner, side: 'far' },
        up,
      ],
      note: { text: 'The shell is cut longer than this, to go round the fold, by', path: 'body/shellExtra' },
      tab: 'right',
    },
    {
      id: 'outside',
      title: 'Outside, lying open',
      ground: 'exterior',
      width: outer,
      height,
      ...round(outer),
      faces: [boardFace('front', { cloth: 'exterior' })],
      folds: [{ x0: leaf, x1: outer - leaf }],
      sizes: [
        { path: 'body/leafWidth', from: outer - leaf, to: outer, side: 'near' },
        { path: 'body/shellWidth', from: 0, to: outer, side: 'far' },
        up,
      ],
      tab: 'left',
      top: { piece: 'body/shell', dx: 0, dy: 0 },
    },
  ];
}

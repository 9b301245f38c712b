import type { SizedBody } from '../body-kind.ts';
import { board, boardFace, type BoardPlan } from '../board-plan.ts';
import { wallFaces, wallTitles } from './held.ts';
import type { Accordion } from './params.ts';

/** The compartments from the front to the back, each with what lies in front of it left away; then the insides of front and back. */
export function accordionBoards({ detail, faces }: SizedBody<Accordion>): BoardPlan[] {
  const { shell, lining, base } = detail;
  const across = { path: 'finished/width', pin: 'body/width' };
  const up = { path: 'finished/height', pin: 'body/height' };
  const size = { width: shell.width.value, height: shell.height.value };
  const rooms = faces.filter(({ seat }) => seat === 'file');
  return [
    ...rooms.map(({ id }, index): BoardPlan => ({
      ...board(
        {
          id,
          title: `Compartment ${index + 1} of ${rooms.length}, from the front`,
          ground: index === rooms.length - 1 ? 'lining' : 'pocket',
        },
        size,
        [boardFace(id, { open: true })],
        { across, up },
      ),
      tab: 'top',
      note: { text: 'Its pleat has legs of', path: `body/leg${index + 1}` },
    })),
    ...wallFaces.map((id): BoardPlan => ({
      ...board(
        { id, title: wallTitles[id].replace(/^./, (first) => first.toUpperCase()), ground: 'lining' },
        size,
        // half of the base lies below what stands
        [boardFace(id, { dy: Math.min(0, (lining.taper.value - base.value) / 2) })],
        { across, up },
      ),
      // a flap is sewn to the back
      ...(id === 'back-wall' && { tab: 'top' }),
    })),
  ];
}

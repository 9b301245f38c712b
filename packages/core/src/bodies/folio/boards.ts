import type { SizedBody } from '../body-kind.ts';
import { boardFace, type BoardPlan, type BoardSize } from '../board-plan.ts';
import { NOTES, type Folio } from './size.ts';

/** The inside of a folio lying open, its leaves from the left. */
export function folioBoards({ sizes, finished, faces, detail }: SizedBody<Folio>): BoardPlan[] {
  const size = (name: string) => sizes[name]?.value ?? 0;
  const [width, height] = [finished.openWidth?.value ?? 0, finished.height?.value ?? 0];
  let at = 0;
  const leaves = detail.leaves.map((_, index) => {
    const from = at;
    const to = from + size(`leaf${index + 1}`);
    at = to + size(`spine${index + 1}`);
    return { path: `body/leaf${index + 1}`, from, to, next: at };
  });
  return [
    {
      id: 'inside',
      title: 'Inside, lying open',
      ground: 'lining',
      width,
      height,
      // what lies behind the inner panel is seen through it
      faces: faces.toSorted((a, b) => Number(b.id === NOTES) - Number(a.id === NOTES)).map(({ id }) => boardFace(id)),
      folds: leaves.slice(0, -1).map(({ to, next }) => ({ x0: to, x1: next })),
      sizes: [
        ...leaves.map(({ path, from, to }): BoardSize => ({ path, from, to, side: 'near' })),
        { path: 'finished/openWidth', from: 0, to: width, side: 'far' },
        { path: 'finished/height', pin: 'body/height', from: 0, to: height, side: 'right' },
      ],
      note: { text: 'The shell is cut longer than this at each fold by', path: 'body/shellExtra' },
    },
  ];
}

import type { FaceSpec, SizedFace } from '../bodies/body-kind.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { PlacedHolder } from '../holders/holder-kind.ts';

/** Common practice: a leaf of which less than this share is used makes the piece larger than its things ask. */
const USED = 1 / 3;

type Placed = Pick<PlacedHolder, 'seat' | 'things'>;

/** Leaves that are mostly empty: they are as large as another one asks.
 * @param specs the faces of the body, and how large each came out */
export function checkLeaves(
  specs: readonly FaceSpec[],
  sized: readonly SizedFace[],
  holders: readonly Placed[],
): Finding[] {
  const leaves = sized.flatMap(({ id, seat, room: { width, height } }) => {
    if (seat !== 'leaf') return [];
    const title = specs.find((spec) => spec.id === id)?.title ?? id;
    const own = holders.filter(({ seat: { face } }) => face === id);
    const used = own.reduce((sum, { things }) => sum + boxRound(things), 0);
    return [{ id, title, wide: width.value, high: height.value, share: used / (width.value * height.value) }];
  });
  if (!leaves.some(({ share }) => share >= USED)) return [];
  return leaves
    .filter(({ share }) => share < USED)
    .map(({ id, title, wide, high, share }): Finding => {
      const part = share === 0 ? 'holds nothing' : `is used to ${Math.round(share * 100)} percent`;
      const text = say`The ${title}, ${mm(wide)} by ${mm(high)}, ${part}: another leaf makes it so large. Spread the things over both, or compare forms.`;
      return { code: 'leaf.sparse', severity: 'watch', about: [`faces/${id}`], numbers: { share }, limit: USED, text };
    });
}

/** The area round all of some things, mm². */
function boxRound(things: Placed['things']): number {
  if (things.length === 0) return 0;
  const range = (from: number[], to: number[]) => Math.max(...to) - Math.min(...from);
  return (
    range(
      things.map(({ x }) => x),
      things.map(({ x, width }) => x + width),
    ) *
    range(
      things.map(({ y }) => y),
      things.map(({ y, height }) => y + height),
    )
  );
}

import { CLIP } from '../../pieces/clip.ts';
import { idsOf, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import { halves, layers, type Half, type Ring } from './ring.ts';

type Own = Pick<Ring, 'own'>;

const strips = ({ own }: Own): string[] =>
  halves.flatMap((half) => layers.map((layer) => `${own}/${layer}-zip-${half}`));
const hinges = ({ own }: Own): string[] => layers.map((layer) => `${own}/${layer}-hinge`);
const gusset = (ring: Own): string[] => [...strips(ring), ...hinges(ring)];

/** Each strip sewn to its lining, the zipper between them, and topstitched.
 * @param between the zipper, and what is sewn in with it */
export function stripsSewn(ring: Own, zip: readonly Seam[], between: readonly string[], rules: Rules): Action[] {
  const { own } = ring;
  return [
    {
      verb: 'sew',
      seams: idsOf(zip),
      between,
      faceTo: `${own}/shell-zip-base`,
      besideTeeth: rules.length(zipSeam).value,
    },
    { verb: 'press', pieces: strips(ring) },
    ...halves.map((half): Action => ({
      verb: 'topstitch',
      piece: `${own}/shell-zip-${half}`,
      place: 'zipper',
      distance: rules.length(topstitchInset).value,
      through: [`${own}/lining-zip-${half}`],
    })),
  ];
}

/** The hinge on both ends of the zipper part, and the ring measured before it goes on. */
export const ringClosed = (ring: Own & Pick<Ring, 'round'>, ends: readonly Seam[], zipper: string): Action[] => [
  { verb: 'sew', seams: idsOf(ends), between: [zipper], twice: 'zipper' },
  { verb: 'measure', what: 'ring', pieces: gusset(ring), length: ring.round.value, correctAt: hinges(ring)[0]! },
];

/** Nicked where it goes round the corners of a panel. */
export const ringClipped = (ring: Own): Action => ({ verb: 'clip', pieces: gusset(ring), every: CLIP });

/** The ring on one of its panels; a lining lies in the seam of its shell, both are basted together before. */
export function ringOn({ own }: Own, round: readonly Seam[], half: Half): Action {
  const seams = idsOf(round).filter((id) => layers.some((layer) => id.startsWith(`${own}/${layer}-${half}/`)));
  const carries = seams.filter((id) => id.startsWith(`${own}/lining`));
  return { verb: 'sew', seams, meet: 'notches', onTop: 'second', carries };
}

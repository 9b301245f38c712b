import { given, sum, type Derived } from '../../derived/derived.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { edgePart, wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { Sleeve } from './params.ts';
import { pieceIds } from './seams.ts';

const LAP = given('both ends turned in and lapped', 20, {
  kind: 'standard',
  path: 'binding/lap',
  source: 'common practice',
});
const WIDE = given('binding, wide', 20, { kind: 'hardware', path: 'hardware/binding-20' });
const TAPE = 'body/corner-binding';

/** Each corner that is cut off is an opening: front and back edge, bound together with the lining in one ring. */
export function cornerBinding(detail: Sleeve): Contribution {
  const { bottom, cut, lined } = detail;
  const edge: Derived = given('cut corner, one layer', cut.value * Math.SQRT2, {
    kind: 'standard',
    path: 'corner/diagonal',
  });
  const length = sum('binding of a corner', [edge, edge, LAP]);
  const half = LAP.value / 2;
  const joins = (['right', 'left'] as const).flatMap((side) =>
    (['front', 'back'] as const).flatMap((face, index): Seam[] => {
      const run = (layer: 'shell' | 'lining'): EdgeRun =>
        bottom === 'fold'
          ? wholeEdge(`body/${layer}`, `cut-${side}-${face}`)
          : wholeEdge(`body/${layer}-${face}`, `cut-${face === 'front' ? side : other[side]}`);
      const [from, to] = [half + index * edge.value, half + (index + 1) * edge.value];
      const id = `body/corner-${side}-${face}`;
      const bound: Seam = { id, kind: 'sewn', a: edgePart(TAPE, 'bottom', from, to), b: run('shell') };
      return lined ? [bound, { id: `${id}-lining`, kind: 'sewn', a: run('shell'), b: run('lining') }] : [bound];
    }),
  );
  return contribution({
    pieces: [
      strip({ id: TAPE, name: 'Binding of a cut corner', cutFrom: 'binding-20', length, width: WIDE, count: 2 }),
    ],
    hardware: [{ id: 'binding-20', count: 2, length: 2 * length.value }],
    joins,
    operations: [
      {
        id: 'body/bind-corners',
        phase: 'finish',
        needs: ['body/turn'],
        uses: [TAPE, ...pieceIds(detail, 'shell'), ...(lined ? pieceIds(detail, 'lining') : [])],
        seams: joins.map(({ id }) => id),
        text: say`Bind each cut corner all round, shell and lining together: fold the tape over the raw edges, lap its ends on the side seam.`,
      },
    ],
  });
}

/** Pieces are drawn right side up: the right side of the back is its left edge. */
const other = { right: 'left', left: 'right' } as const;

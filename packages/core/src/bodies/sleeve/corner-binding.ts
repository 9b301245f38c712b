import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import type { BodyInputs } from '../body-kind.ts';
import { given, sum, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { idsOf, edgePart, wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { Sleeve } from './params.ts';
import { pieceIds } from './seams.ts';

const LAP = given('both ends turned in and lapped', 20, {
  kind: 'standard',
  path: 'binding/lap',
  source: 'common practice',
});
const BINDING = 'binding-20';
const TAPE = 'body/corner-binding';

/** Each corner that is cut off is an opening: front and back edge, bound together with the lining in one ring. */
export function cornerBinding(detail: Sleeve, inputs: BodyInputs): Contribution {
  const { bottom, cut, lined } = detail;
  const edge: Derived = given('cut corner, one layer', cut.value * Math.SQRT2, {
    kind: 'standard',
    path: 'corner/diagonal',
  });
  const length = sum('binding of a corner', [edge, edge, LAP]);
  const half = LAP.value / 2;
  const joins = (['right', 'left'] as const).flatMap((side) =>
    (['front', 'back'] as const).flatMap((face, index): Seam[] => {
      // in the shell the lining shows its right side: what is left of it lies on the right
      const run = (layer: 'shell' | 'lining'): EdgeRun => {
        const inner = layer === 'lining';
        const at = inner ? other[side] : side;
        return bottom === 'fold'
          ? wholeEdge(`body/${layer}`, `cut-${at}-${face}`, inner)
          : wholeEdge(`body/${layer}-${face}`, `cut-${face === 'front' ? at : other[at]}`, inner);
      };
      const [from, to] = [half + index * edge.value, half + (index + 1) * edge.value];
      const id = `body/corner-${side}-${face}`;
      const bound: Seam = { id, kind: 'sewn', a: edgePart(TAPE, 'bottom', from, to), b: run('shell') };
      return lined ? [bound, { id: `${id}-lining`, kind: 'sewn', a: run('shell'), b: run('lining') }] : [bound];
    }),
  );
  return contribution({
    pieces: [
      strip({
        id: TAPE,
        name: 'Binding of a cut corner',
        cutFrom: BINDING,
        length,
        width: hardwareWidth('binding, wide', BINDING, inputs),
        count: 2,
      }),
    ],
    hardware: [{ id: BINDING, count: 2, length: 2 * length.value }],
    joins,
    operations: [
      {
        id: 'body/bind-corners',
        phase: 'finish',
        needs: ['body/turn'],
        title: 'Bind the cut corners',
        actions: [
          {
            verb: 'bind',
            by: TAPE,
            over: [...pieceIds(detail, 'shell'), ...(lined ? pieceIds(detail, 'lining') : [])],
            place: 'cutCorners',
            seams: idsOf(joins),
            lap: 'sideSeams',
          },
        ],
      },
    ],
  });
}

/** Pieces are drawn right side up: the right side of the back is its left edge. */
const other = { right: 'left', left: 'right' } as const;

import { hardwareWidth } from '../holders/hardware-sizes.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import { given, named, rounded, sum, times } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { contribution } from '../pieces/contribution.ts';
import { idsOf, edgePart, type Seam } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { elasticBand } from '../sizing/drawstring.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

const ELASTIC = 'elastic-10';
const STRETCH = given(
  'stretched by',
  0.12,
  { kind: 'standard', path: 'band/stretch', source: 'common practice' },
  'ratio',
);
/** Common practice: from the outer edge, clear of a thumb. */
const FROM_EDGE = given('from the outer edge', 18, { kind: 'standard', path: 'band/edge', source: 'common practice' });
const CORNER = given('clear of a rounded corner', 4, {
  kind: 'standard',
  path: 'band/corner',
  source: 'common practice',
});

/** An elastic caught in both edges beside the opening one that is drawn over the front. */
export const elasticBandClosure: ClosureKind = {
  title: 'Elastic band',
  on: 'edge',
  params: {},
  rules: [],
  solve(_design: Params, { closing, closedThickness }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, grid, id } = inputs;
    const wide = hardwareWidth('elastic, wide', ELASTIC, inputs);
    if (closing.kind !== 'edge') throw new CoreError('closure.notForBody', 'a band needs a leaf to be caught in', id);
    const { along, radius } = closing;
    // over the front from end to end, and round the thickness at both
    const way = sum('over the front', [along, times(2, closedThickness)]);
    const overlap = sum('both ends in the seam', [times(2, rules.length(seamAllowance))]);
    const length = rounded(named('elastic, cut length', elasticBand(way, STRETCH, overlap)), grid, 'up');
    const from = Math.max(FROM_EDGE.value, radius.value + CORNER.value);
    const piece = `${id}/band`;
    const places = closing.beside(from, from + wide.value);
    const ends = places.map(({ within }) => within.split('/')[1]!);
    const joins = places.map(({ run, within }, index): Seam => ({
      id: `${piece}#${ends[index]}`,
      kind: 'caught',
      within,
      a: edgePart(piece, index === 0 ? 'left' : 'right', 0, wide.value),
      b: run,
    }));
    return {
      sizes: { bandLength: length, overTheFront: way },
      contribution: contribution({
        pieces: [strip({ id: piece, name: 'Elastic band', cutFrom: ELASTIC, length, width: wide })],
        hardware: [{ id: ELASTIC, count: 1, length: length.value }],
        joins,
        operations: [
          {
            id: `${id}/band`,
            phase: 'closures',
            needs: [],
            title: 'Baste the elastic on',
            actions: [
              {
                verb: 'baste',
                seams: idsOf(joins),
                facing: 'rightToRight',
                aside: { distance: from, of: 'outerEdge' },
              },
              { verb: 'inspect', what: 'notTwisted' },
            ],
          },
        ],
      }),
    };
  },
};

import type { SizedBody } from '../bodies/body-kind.ts';
import { given, minus, named, rounded, sum, times } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { mm, say } from '../errors/wording.ts';
import { contribution } from '../pieces/contribution.ts';
import { edgePart, type Seam } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';

const ZIPPER = 'zipper-5';
/** Common practice: no stop and no tooth lies in a seam. */
const ENDS = given('opening ends before each side by', 12, {
  kind: 'standard',
  path: 'zip/ends',
  source: 'common practice',
});

/** A zipper along the mouth, its tapes caught between the layers. */
export const zipTop: ClosureKind = {
  title: 'Zipper along the mouth',
  params: {},
  rules: ['zip.beyond'],
  solve(_design: Params, { closing }: SizedBody, { rules, hardware, grid, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth') throw new CoreError('closure.notForBody', 'a zipper needs a mouth to run along', id);
    const { width, rim, lined } = closing;
    const opening = named('opening', sum('opening', [width, times(-2, ENDS)]));
    const length = rounded(sum('zipper, cut length', [opening, times(2, rules.length('zip.beyond'))]), grid, 'up');
    const tape = given('zipper, wide', hardwareOf(ZIPPER, hardware).diameter, {
      kind: 'hardware',
      path: `hardware/${ZIPPER}`,
    });
    const piece = `${id}/zipper`;
    const start = sum('before the opening', [length, minus(opening)]).value / 2;
    const joins = rim.map(({ piece: host, edge }, index): Seam => ({
      id: `${piece}#${index === 0 ? 'front' : 'back'}`,
      kind: lined ? 'caught' : 'sewn',
      ...(lined && { within: `body/mouth-${index === 0 ? 'front' : 'back'}` }),
      a: edgePart(piece, index === 0 ? 'bottom' : 'top', start, start + opening.value),
      b: edgePart(host, edge, ENDS.value, ENDS.value + opening.value, index === 0),
    }));
    return {
      sizes: { opening, zipperLength: length },
      contribution: contribution({
        pieces: [
          strip({
            id: piece,
            name: 'Zipper',
            cutFrom: ZIPPER,
            length,
            width: tape,
            note: 'Or the next longer ready-made one.',
          }),
        ],
        hardware: [{ id: ZIPPER, count: 1, length: length.value }],
        joins,
        operations: [
          {
            id: `${id}/zipper`,
            phase: 'closures',
            needs: [],
            uses: [piece, ...new Set(rim.map((each) => each.piece))],
            seams: joins.map((join) => join.id),
            text: say`Baste the zipper along front and back of the mouth, face down on the right side, its opening ${mm(ENDS.value)} clear of each side seam, its ends folded away. Leave it half open before the mouth is sewn: once turned, the slider must be reached from inside.`,
          },
        ],
      }),
    };
  },
};

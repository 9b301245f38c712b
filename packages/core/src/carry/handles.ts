import { limited, onWall } from '../closures/overlap.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, largest, named, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { mm, say } from '../errors/wording.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { strap } from '../sizing/strap.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

export const handleDrop = lengthRule(
  'handle.drop',
  'carrying',
  'Handle hangs down by',
  200,
  40,
  700,
  'A hand 100, an elbow 250, a shoulder 300 and more.',
);
export const handleSpread = lengthRule(
  'handle.spread',
  'carrying',
  'Between the ends of a handle',
  120,
  40,
  500,
  'As far apart as a third of the mouth.',
);
export const handleEmbed = lengthRule(
  'handle.embed',
  'carrying',
  'Handle ends buried by',
  30,
  10,
  150,
  'Deeper holds more and shortens the drop.',
);

const params = {
  drop: { kind: 'length', title: 'Hangs down by', rule: handleDrop },
  spread: { kind: 'length', title: 'Between its ends', rule: handleSpread },
  embed: { kind: 'length', title: 'Each end buried', rule: handleEmbed },
  material: {
    kind: 'choice',
    title: 'Made from',
    standard: 'webbing',
    choices: [
      { id: 'webbing', title: 'webbing', why: 'Strong as it is; cut and seal.' },
      { id: 'cloth', title: 'the shell, folded in four', why: 'The same cloth as the bag.' },
    ],
  },
} as const;

const nothing = given('peaks', 0, { kind: 'standard', path: 'handles/grip' });

/** Two handles, one on the front and one on the back, each end as far from the middle as the other. */
export const handles: ClosureKind = {
  title: 'Handles',
  carries: true,
  on: 'mouth',
  params,
  rules: [],
  solve(given: Params, { closing, finished }: SizedBody, { rules, grid, hardware, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth') throw new CoreError('part.notForBody', 'handles need a front and a back', id);
    const own = (key: 'drop' | 'spread' | 'embed') => lengthParam(given, key, params[key], rules, id);
    const webbing = choiceParam(given, 'material', params.material) === 'webbing';
    const width = widthOf(hardwareOf('webbing-25', hardware).diameter);
    // the seam at the side must not catch an end
    const clear = sum('clear of the side seams', [
      closing.width,
      times(-2, rules.length(seamAllowance)),
      times(-2, width),
    ]);
    const wished = own('spread');
    const spread =
      wished.value > clear.value ? named('between its ends', largest('between its ends', [width, clear])) : wished;
    const embed = onWall(own('embed'), finished.height);
    const sizes = strap({
      method: webbing ? 'webbing' : 'fourfold',
      finished: width,
      seam: rules.length(seamAllowance),
      turnIn: rules.length(seamAllowance),
      drop: own('drop'),
      spread,
      grip: nothing,
      embed,
    });
    const length = rounded(named('handle, cut length', sizes.cutLength), grid, 'up');
    const cutWidth = named('handle, cut width', sizes.cutWidth);
    const base = { id: `${id}/handle`, name: 'Handle', width: cutWidth, count: 2 };
    const how = webbing
      ? { cutFrom: 'webbing-25', note: 'Seal the ends.' }
      : { plain: true, note: 'Fold in four along its length, stitch both edges.' };
    const piece = strip({ ...base, length, ...how });
    const middle = closing.width.value / 2;
    const places = [middle - spread.value / 2, middle + spread.value / 2];
    const edits = (['front', 'back'] as const).map((side) => ({
      piece: closing[side].piece,
      marks: places.map((x, index) => ({
        id: `${id}-${side}-${index + 1}`,
        kind: 'placement' as const,
        at: closing[side].at(x, embed.value),
        label: 'handle, middle of its end',
      })),
    }));
    return {
      sizes: { handleLength: length, handleWidth: width, spread, drop: named('hangs down by', own('drop')) },
      contribution: contribution({
        findings: limited('Each end of a handle is buried', own('embed'), embed, id),
        pieces: [piece],
        hostEdits: edits,
        ...(webbing && { hardware: [{ id: 'webbing-25', count: 2, length: 2 * length.value }] }),
        operations: [
          {
            id: `${id}/handles`,
            phase: 'prepare',
            needs: [],
            uses: [piece.id, ...new Set(edits.map((edit) => edit.piece))],
            seams: [],
            text: say`Tack the handles to front and back: the middle of each end ${mm(spread.value / 2)} from the centre, ${mm(embed.value)} of it below the mouth, facing down and not twisted. Stitch each end with a box and a cross, twice: it carries the weight.`,
          },
        ],
      }),
    };
  },
};

const widthOf = (width: number): Derived =>
  given('handle, wide', width, { kind: 'hardware', path: 'hardware/webbing-25' });

import { onWall } from '../closures/overlap.ts';
import { limited } from '../pieces/limited.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, largest, named, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { edgePart, type Seam } from '../pieces/seam.ts';
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
  embed: {
    kind: 'length',
    title: 'Each end buried',
    rule: handleEmbed,
    when: (given) => chosen(given, 'at', 'face') === 'face',
  },
  at: {
    kind: 'choice',
    title: 'Sewn on',
    standard: 'face',
    choices: [
      {
        id: 'face',
        title: 'on the face',
        why: 'Each end lies flat below the mouth, under a box and a cross: it holds most.',
      },
      { id: 'seam', title: 'in the mouth seam', why: 'Both ends vanish between shell and lining: quick and neat.' },
    ],
  },
  material: {
    kind: 'choice',
    title: 'Made from',
    standard: 'webbing',
    choices: [
      { id: 'webbing', title: 'webbing', why: 'Strong as it is; cut and seal.' },
      { id: 'cloth', title: 'the shell, folded in four', why: 'The same cloth as the bag.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

const nothing = given('peaks', 0, { kind: 'standard', path: 'handles/grip' });

/** Two handles, one on the front and one on the back, each end as far from the middle as the other. */
export const handles: ClosureKind = {
  title: 'Handles',
  carries: true,
  on: 'mouth',
  params,
  findings: ['part.noSeam'],
  rules: [],
  solve(given: Params, { closing, finished }: SizedBody, { rules, grid, hardware, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth') throw new CoreError('part.notForBody', 'handles need a front and a back', id);
    const own = (key: 'drop' | 'spread' | 'embed') => lengthParam(given, key, params[key], rules, id);
    const webbing = choiceParam(given, 'material', params.material) === 'webbing';
    const width = widthOf(hardwareOf('webbing-25', hardware).diameter);
    const { level = closing.width } = closing;
    // the seam at the side must not catch an end
    const clear = sum('clear of the side seams', [level, times(-2, rules.length(seamAllowance)), times(-2, width)]);
    const wished = own('spread');
    const spread =
      wished.value > clear.value ? named('between its ends', largest('between its ends', [width, clear])) : wished;
    const wishedIn = choiceParam(given, 'at', params.at) === 'seam';
    const caught = closing.rim.flatMap(({ within, ...run }) => (within === undefined ? [] : [{ ...run, within }]));
    const inSeam = wishedIn && caught.length === 2 && spread.value + width.value <= level.value;
    const onFace = wishedIn ? unsewn(id) : [];
    // how deep is asked only of those on the face
    const buried = wishedIn ? rules.length(handleEmbed) : own('embed');
    const onWalls = onWall(buried, finished.height);
    const { embed, joins, findings } = inSeam
      ? {
          embed: rules.length(seamAllowance),
          findings: [],
          joins: caughtAtMouth(`${id}/handle`, caught, { level, width, spread }),
        }
      : {
          embed: onWalls,
          joins: [],
          findings: [...onFace, ...limited('Each end of a handle is buried', buried, onWalls, id)],
        };
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
        at: closing[side].at(x, inSeam ? 0 : embed.value),
        label: 'handle, middle of its end',
      })),
    }));
    return {
      sizes: { handleLength: length, handleWidth: width, spread, drop: named('hangs down by', own('drop')) },
      contribution: contribution({
        findings: [...limited('The ends of a handle lie apart', wished, spread, id), ...findings],
        pieces: [piece],
        joins,
        hostEdits: edits,
        ...(webbing && { hardware: [{ id: 'webbing-25', count: 2, length: 2 * length.value }] }),
        operations: [
          {
            id: `${id}/handles`,
            phase: 'prepare',
            needs: [],
            uses: [piece.id, ...new Set(edits.map((edit) => edit.piece))],
            seams: joins.map((seam) => seam.id),
            text: inSeam
              ? say`Baste the handles to the right side of front and back at the mouth, raw edges level: the middle of each end ${mm(spread.value / 2)} from the centre, the loop hanging down and not twisted. Lay front on back: the ends must meet. When the mouth is sewn, go over each end three times.`
              : say`Tack the handles to front and back: the middle of each end ${mm(spread.value / 2)} from the centre, ${mm(embed.value)} of it below the mouth, facing down and not twisted. Stitch each end with a box and a cross, twice: it carries the weight.`,
          },
        ],
      }),
    };
  },
};

const unsewn = (id: string): Finding[] => [
  {
    code: 'part.noSeam',
    severity: 'watch',
    about: [id],
    numbers: {},
    text: say`No seam of front and back with a lining is long enough to catch both ends of the handles: they are sewn on the face.`,
  },
];

/** Both ends of both handles between shell and lining, as far from the middle on either side. */
function caughtAtMouth(
  piece: string,
  rims: readonly { piece: string; edge: string; within: string }[],
  { level, width, spread }: { level: Derived; width: Derived; spread: Derived },
): Seam[] {
  const middle = level.value / 2;
  return rims.flatMap(({ piece: host, edge, within }, index) =>
    ([-1, 1] as const).map((to): Seam => {
      const at = middle + (to * spread.value) / 2 - width.value / 2;
      const end = to < 0 ? 'left' : 'right';
      return {
        id: `${piece}-${index + 1}#${end}`,
        kind: 'caught',
        within,
        a: edgePart(piece, end, 0, width.value),
        b: edgePart(host, edge, at, at + width.value),
      };
    }),
  );
}

const widthOf = (width: number): Derived =>
  given('handle, wide', width, { kind: 'hardware', path: 'hardware/webbing-25' });

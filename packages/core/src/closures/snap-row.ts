import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import { given, halfOf, sum, type Derived } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';
import { snapRow } from '../sizing/drawstring.ts';
import type { Params } from '../document/design-document.ts';
import { halfMark, radiusOf } from './fasteners.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import type { Action } from '../sewing/actions/action.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';

const snapInset = lengthRule(
  'snap.inset',
  'closures',
  'First snap from the side',
  30,
  10,
  100,
  'Clear of the side seam.',
);
const snapDown = lengthRule(
  'snap.down',
  'closures',
  'Snaps below the mouth',
  15,
  8,
  60,
  'The cap needs cloth all round it.',
);

const params = {
  inset: { kind: 'length', title: 'First snap from the side', rule: snapInset },
  down: { kind: 'length', title: 'Snaps below the mouth', rule: snapDown },
} as const;

const SNAP = 'snap-10';
/** Common practice: what is hard stays clear of what lies beside it. */
const CLEAR = given('clear of what is below', 2, { kind: 'standard', path: 'snap/clear', source: 'common practice' });
const plateOf = (snap: Hardware): Derived =>
  given('snap, across', 2 * radiusOf(snap), { kind: 'hardware', path: `hardware/${snap.id}` });

/** Snaps along a mouth, evenly spaced. */
export const snaps: ClosureKind = {
  title: 'Snaps along the mouth',
  on: 'mouth',
  meets: true,
  params,
  rules: [],
  above: (design, _contents, { rules, hardware }) =>
    sum('snap, and cloth above it', [
      lengthParam(design, 'down', params.down, rules, 'closure'),
      halfOf('half of the snap', plateOf(hardwareOf(SNAP, hardware))),
      CLEAR,
    ]),
  solve(design: Params, { closing }: SizedBody, { rules, hardware }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth')
      throw new CoreError('closure.notForBody', 'snaps need a mouth with a front and a back', 'closure');
    const inset = lengthParam(design, 'inset', params.inset, rules, 'closure');
    const down = lengthParam(design, 'down', params.down, rules, 'closure');
    const { count, spacing } = snapRow(closing.width, inset);
    const number = count.value;
    const snap = hardwareOf(SNAP, hardware);
    const places = Array.from({ length: number }, (_, index) =>
      number === 1 ? closing.width.value / 2 : inset.value + index * spacing.value,
    );
    return {
      sizes: { inset, down, spacing },
      contribution: contribution({
        hostEdits: [edit(closing, 'front', snap, places, down.value), edit(closing, 'back', snap, places, down.value)],
        shuts: closing.rim.map(({ piece, edge }) => ({
          piece,
          mouth: edge,
          marks: (['front', 'back'] as const).flatMap((side) => places.map((_, index) => `snap-${side}-${index + 1}`)),
        })),
        hardware: [{ id: SNAP, count: number }],
        operations: [
          {
            id: 'closure/snaps',
            phase: 'finish',
            needs: ['body/topstitch'],
            title: 'Set the snaps',
            actions: [
              { verb: 'inspect', what: 'halvesFace' },
              ...(['front', 'back'] as const).map((side): Action => ({
                verb: 'setHardware',
                hardware: SNAP,
                half: side === 'front' ? 'upper' : 'lower',
                piece: closing[side].piece,
                mark: places.map((_, index) => `snap-${side}-${index + 1}`),
                below: down.value,
              })),
            ],
          },
        ],
      }),
    };
  },
};

function edit(closing: ClosingMouth, side: 'front' | 'back', snap: Hardware, places: number[], down: number) {
  const { piece, at } = closing[side];
  const half = side === 'front' ? 'upper' : 'lower';
  const marks = places.map((x, index) =>
    halfMark(snap, half, { id: `snap-${side}-${index + 1}`, at: at(x, down), label: `snap, ${side}` }),
  );
  return { piece, marks };
}

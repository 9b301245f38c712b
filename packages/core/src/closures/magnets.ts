import type { SizedBody } from '../bodies/body-kind.ts';
import type { Params } from '../document/design-document.ts';
import { given, minus, smallest, sum, type Derived } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { halfMark, insetFor, radiusOf } from './fasteners.ts';
import { contribution } from '../pieces/contribution.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import type { Action } from '../sewing/actions/action.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';

const magnetInset = lengthRule(
  'magnet.inset',
  'closures',
  'Magnet from the edge',
  16,
  10,
  50,
  'Its plate stays clear of the stitching.',
);

const MAGNET = 'magnet-14';
const params = {
  inset: { kind: 'length', title: 'Magnet from the edge', rule: magnetInset },
  place: {
    kind: 'choice',
    title: 'Along the edge it lies',
    standard: 'middle',
    choices: [
      { id: 'middle', title: 'in the middle', why: 'It closes evenly above and below.' },
      {
        id: 'upper',
        title: 'in the upper half',
        why: 'Clear of what lies in the middle, such as the window of a zip pocket.',
      },
      { id: 'lower', title: 'in the lower half', why: 'Clear of what lies in the middle or above it.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
/** From below, as a share of the height. */
const UP = { middle: 0.5, upper: 0.75, lower: 0.25 } as const;

/** Not beyond the other side of the leaf. */
function within(asked: Derived, leaf: Derived, radius: number): Derived {
  const plate = given('half of the magnet', radius, { kind: 'hardware', path: `hardware/${MAGNET}` });
  const most = sum('magnet inside the leaf', [leaf, minus(plate)]);
  return asked.value <= most.value ? asked : smallest('magnet from the edge', [asked, most]);
}

/** A magnetic snap at the edge and its mate where the edge comes to lie. */
export const magnets: ClosureKind = {
  title: 'Magnet at the edge',
  on: 'edge',
  params,
  rules: [],
  solve(design: Params, { closing }: SizedBody, { rules, hardware, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'meeting')
      throw new CoreError('closure.notForBody', 'a magnet needs an edge that lies on another', id);
    const magnet = hardwareOf(MAGNET, hardware);
    const plateRadius = radiusOf(magnet);
    const inset = within(
      insetFor(lengthParam(design, 'inset', params.inset, rules, id), magnet),
      closing.leaf,
      plateRadius,
    );
    const up = UP[choiceParam(design, 'place', params.place)];
    const places = [
      { ...closing.inner, half: 'upper' as const, name: 'inner' },
      { ...closing.outer, half: 'lower' as const, name: 'outer' },
    ];
    return {
      sizes: { inset },
      contribution: contribution({
        hardware: [{ id: MAGNET, count: 1 }],
        meetings: [
          {
            id,
            cap: { piece: closing.inner.piece, mark: `${id}-inner` },
            mate: { piece: closing.outer.piece, mark: `${id}-outer` },
            leaves: closing.leaves,
            between: closing.between,
          },
        ],
        hostEdits: places.map(({ piece, at, half, name }) => ({
          piece,
          marks: [halfMark(magnet, half, { id: `${id}-${name}`, at: at(inset.value, up), label: `magnet, ${name}` })],
        })),
        operations: [
          {
            id: `${id}/magnets`,
            phase: 'closures',
            needs: [],
            title: 'Set the magnets',
            cautions: ['magnets'],
            actions: [
              { verb: 'inspect', what: 'halvesFace' },
              ...places.map(({ piece, half, name }): Action => ({
                verb: 'setHardware',
                hardware: MAGNET,
                half,
                piece,
                mark: `${id}-${name}`,
                backed: true,
                keepClear: plateRadius,
              })),
            ],
          },
        ],
      }),
    };
  },
};

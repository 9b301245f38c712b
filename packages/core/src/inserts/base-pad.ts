import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, largest, minus, named, rounded, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { contribution } from '../pieces/contribution.ts';
import { patch } from '../pieces/patch.ts';
import { idsOf, wholeEdge, type Seam } from '../pieces/seam.ts';
import { asCut } from '../pieces/strip.ts';
import { seamAllowance, turningGap } from '../shelves/rules/common-rules.ts';

/** Common practice: a pad goes in and out with this much on each side, and slips into its cover with this much. */
const CLEAR = given('pad clear of each wall', 2, { kind: 'standard', path: 'base/clear', source: 'common practice' });
const SLIP = given('ease of the cover', 4, { kind: 'standard', path: 'base/slip', source: 'common practice' });
const LEAST = given('least side', 20, { kind: 'standard', path: 'base/least', source: 'common practice' });

/** A stiff pad in a cover of its own that lies loose on a boxed bottom. */
export const basePad: ClosureKind = {
  title: 'Padded base, removable',
  on: 'base',
  params: {},
  rules: [turningGap],
  onBase: ({ stacks }) => sum('pad and its cover', [stacks.base, times(2, stacks.pocket)]),
  solve(_design: Params, { base }: SizedBody, { rules, stacks, grid, id }: ClosureInputs): SolvedClosure {
    if (!base) throw new CoreError('part.notForBody', 'a base needs a boxed bottom', id);
    const inside = (label: string, side: Derived, walls: Derived): Derived => {
      const clear = rounded(sum(label, [side, minus(walls), times(-2, CLEAR)]), grid, 'down');
      return clear.value < LEAST.value ? largest(label, [clear, LEAST]) : clear;
    };
    // finished sizes run to the mid-line of the walls: half a wall lies inside on each side
    const wall = sum('a wall, all layers', [stacks.exterior, stacks.lining]);
    const width = inside('pad, wide', base.width, wall);
    const depth = inside('pad, deep', base.depth, wall);
    const thickness = named('pad, thick', stacks.base);
    const cover = (label: string, side: Derived) =>
      rounded(sum(label, [side, thickness, stacks.pocket, SLIP]), grid, 'up');
    const seam = rules.length(seamAllowance);
    const [pad, slip] = [`${id}/pad`, `${id}/cover`];
    const size = { width: cover('cover, wide', width), height: cover('cover, deep', depth) };
    const gap = smallest('gap', [rules.length(turningGap), sum('beside its corners', [size.width, times(-2, seam)])]);
    const across = size.width.value;
    const middle = width.value / 2;
    const pieces = [
      patch({
        id: pad,
        name: 'Base pad',
        role: 'base',
        width,
        height: depth,
        seam: asCut,
        goesThrough: slip,
        lines: [{ id: 'quilt', from: [middle, 0], to: [middle, depth.value], label: 'quilt once' }],
      }),
      patch({
        id: slip,
        name: 'Cover of the base',
        role: 'pocket',
        count: 2,
        ...size,
        seam,
        gaps: [{ edge: 'top', from: (across - gap.value) / 2, to: (across + gap.value) / 2 }],
      }),
    ];
    const joins = (['bottom', 'right', 'top', 'left'] as const).map((edge): Seam => ({
      id: `${slip}#${edge}`,
      kind: 'sewn',
      a: wholeEdge(slip, edge),
      b: wholeEdge(slip, mirrored[edge], true),
    }));
    return {
      sizes: { padWidth: width, padDepth: depth },
      contribution: contribution({
        pieces,
        joins,
        onBase: [{ piece: pad }, { piece: slip, double: true }],
        operations: [
          {
            id: `${id}/base`,
            phase: 'prepare',
            needs: [],
            title: 'Make the base',
            actions: [
              { verb: 'stitch', piece: pad, lines: ['quilt'] },
              { verb: 'sew', seams: idsOf(joins) },
              { verb: 'turn', pieces: [slip], through: slip },
              { verb: 'insert', pieces: [pad], into: slip, way: 'pushed' },
              { verb: 'closeGap', piece: slip },
            ],
          },
        ],
      }),
    };
  },
};

const mirrored = { bottom: 'bottom', top: 'top', left: 'right', right: 'left' } as const;

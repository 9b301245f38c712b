import type { ClosingMouth } from '../bodies/body-kind.ts';
import type { Action } from '../sewing/actions/action.ts';
import { given, smallest, sum, times, type Derived } from '../derived/derived.ts';
import { contribution, type Channel, type Contribution, type ShutAt } from '../pieces/contribution.ts';
import { limited } from '../pieces/limited.ts';
import { patch } from '../pieces/patch.ts';
import type { StitchLine } from '../pieces/piece.ts';
import { idsOf, faceLine, wholeEdge, type Seam } from '../pieces/seam.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { seamAllowance, topstitchInset } from '../shelves/rules/common-rules.ts';

/** A casing round a mouth. All mm. */
export interface Casing {
  id: string;
  closing: ClosingMouth;
  cords: number;
  cord: Hardware;
  cordWidth: Derived;
  /** Between its stitch lines. */
  channel: Derived;
  /** Of one that is sewn on, with its topstitching. */
  casingHeight: Derived;
  cordLength: Derived;
  /** Cloth above it. */
  header: Derived;
  /** Of one that is sewn on, how long it is to be; default all of its side. */
  patch?: Derived;
}

const sides = ['front', 'back'] as const;
/** Common practice: a casing that is sewn on stops short of the side seam, so that the cord comes out. */
const CLEAR = given('clear of the side seam', 8, { kind: 'standard', path: 'casing/clear', source: 'common practice' });

const hostsOf = ({ front, back }: ClosingMouth): string[] => [...new Set([front.piece, back.piece])];

/** A line across a side of the mouth, mm below it. */
function across({ id, closing }: Casing, side: 'front' | 'back', name: string, down: number, inset = 0): StitchLine {
  const { at } = closing[side];
  return {
    id: `${id}-${name}-${side}`,
    from: at(inset, down),
    to: at(closing.width.value - inset, down),
    label: `casing, ${name}`,
  };
}

/** The cord draws front and back together at the lowest line of the casing.
 * @param channel what it runs in, on the front */
const shutsAt = ({ id, closing, cord }: Casing, name: string, channel: Omit<Channel, 'hardware'>): ShutAt[] =>
  closing.rim.map(({ piece, edge }) => ({
    piece,
    mouth: edge,
    ...(closing.band && { above: closing.band.goesOn }),
    lines: sides.map((side) => `${id}-${name}-${side}`),
    drawn: true,
    cord: { hardware: cord.id, ...channel },
  }));

const openSides = ({ closing }: Casing, from: number, to: number) =>
  closing.sideGaps(from, to).map(({ piece, ...gap }) => ({
    piece,
    gaps: [{ ...gap, label: 'leave open for the cord' }],
  }));

/** Two lines round the bag through both layers, entered through gaps in the side seams of the outer one. */
export function stitchedCasing(casing: Casing): Contribution {
  const { id, closing, header, channel } = casing;
  const [upper, lower] = [header.value, header.value + channel.value];
  return contribution({
    shuts: shutsAt(casing, 'lower line', {
      piece: closing.front.piece,
      between: [{ line: `${id}-upper line-front` }, { line: `${id}-lower line-front` }],
    }),
    hostEdits: [
      ...sides.map((side) => ({
        piece: closing[side].piece,
        lines: [across(casing, side, 'upper line', upper), across(casing, side, 'lower line', lower)],
      })),
      ...openSides(casing, upper, lower),
    ],
    operations: [
      {
        id: `${id}/casing`,
        phase: 'finish',
        needs: ['body/turn'],
        title: 'Stitch the casing',
        actions: [
          { verb: 'inspect', what: 'marksLast' },
          ...sides.map((side): Action => ({
            verb: 'stitch',
            piece: closing[side].piece,
            lines: [`${id}-upper line-${side}`, `${id}-lower line-${side}`],
            round: true,
            lining: true,
          })),
        ],
      },
    ],
  });
}

/** The mouth folded over to the inside: its allowance is the channel and a turning. */
export function hemCasing(casing: Casing, { rules }: ClosureInputs): Contribution {
  const { id, closing, channel } = casing;
  const turn = rules.length(seamAllowance);
  const deep = sum('casing in the hem', [channel, turn]);
  const edgesOfRim = [...new Set(closing.rim.map(({ edge }) => edge))];
  return contribution({
    shuts: shutsAt(casing, 'hem', {
      piece: closing.front.piece,
      between: [{ edge: closing.rim[0]!.edge }, { line: `${id}-hem-front` }],
    }),
    hostEdits: [
      ...closing.rim.map(({ piece, edge }) => ({ piece, allowance: { [edge]: deep } })),
      ...sides.map((side) => ({
        piece: closing[side].piece,
        lines: [across(casing, side, 'hem', channel.value)],
      })),
      ...openSides(casing, 0, channel.value),
    ],
    operations: [
      {
        id: `${id}/casing`,
        phase: 'finish',
        needs: ['body/turn'],
        title: 'Hem the mouth into a casing',
        actions: [
          { verb: 'zigzag', pieces: hostsOf(closing), beside: { edges: edgesOfRim } },
          {
            verb: 'hem',
            pieces: hostsOf(closing),
            edges: edgesOfRim,
            channel: { turn: turn.value, deep: channel.value },
          },
        ],
      },
    ],
  });
}

/** A strip on the outside of each side, its ends open. */
export function appliedCasing(casing: Casing, { rules }: ClosureInputs): Contribution {
  const { id, closing, header, casingHeight, patch: asked } = casing;
  const seam = rules.length(seamAllowance);
  const whole = sum('casing, clear of the side seams', [closing.width, times(-2, CLEAR)]);
  const length = asked ? smallest('casing', [whole, asked]) : whole;
  const inset = (closing.width.value - length.value) / 2;
  const [upper, lower] = [header.value, header.value + casingHeight.value];
  const piece = (side: string) => `${id}/casing-${side}`;
  const names = { top: 'upper line', bottom: 'lower line' } as const;
  const joins = sides.flatMap((side) =>
    (['top', 'bottom'] as const).map((edge): Seam => ({
      id: `${piece(side)}#${edge}`,
      kind: 'stitchedOn',
      a: wholeEdge(piece(side), edge),
      b: faceLine(closing[side].piece, `${id}-${names[edge]}-${side}`),
    })),
  );
  return contribution({
    pieces: sides.map((side) =>
      patch({
        id: piece(side),
        name: `Casing, ${side}`,
        role: 'pocket',
        width: length,
        height: casingHeight,
        seam,
        note: 'Turn all edges in; hem the short ends first.',
      }),
    ),
    shuts: shutsAt(casing, 'lower line', {
      piece: piece('front'),
      between: [
        { edge: 'top', inset: topstitchInset.id },
        { edge: 'bottom', inset: topstitchInset.id },
      ],
    }),
    hostEdits: sides.map((side) => ({
      piece: closing[side].piece,
      lines: [across(casing, side, 'upper line', upper, inset), across(casing, side, 'lower line', lower, inset)],
    })),
    joins,
    findings: asked ? limited('Each patch of the casing is long', asked, length, id) : [],
    operations: [
      {
        id: `${id}/casing`,
        phase: 'prepare',
        needs: [],
        title: 'Sew the casings on',
        actions: [
          { verb: 'turnIn', pieces: sides.map(piece), edges: ['left', 'right'] },
          { verb: 'turnIn', pieces: sides.map(piece), edges: ['top', 'bottom'] },
          {
            verb: 'edgestitch',
            seams: idsOf(joins),
            aside: { distance: inset, of: 'sides' },
            endsOpen: true,
          },
        ],
      },
    ],
  });
}

import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import { named, product, given, rounded, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { line, type ArcEdge, type Outline } from '../geometry/outline.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution, type Contribution } from '../pieces/contribution.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { edgePart, wholeEdge, type Seam } from '../pieces/seam.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';
import { flap as flapRule } from '../sizing/flap.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { driftFinding } from './drift.ts';
import { fastenerParam, fasteners } from './fasteners.ts';
import { overlapFor } from './overlap.ts';

const params = {
  fastener: fastenerParam,
  overlap: { kind: 'length', title: 'Lies on the front by', rule: 'flap.overlap' },
  inset: { kind: 'length', title: 'Narrower than the mouth, each side', rule: 'flap.inset' },
  end: { kind: 'length', title: 'Fastener from the end', rule: 'flap.fastener' },
  corner: { kind: 'length', title: 'Radius of its corners', rule: 'flap.corner' },
} as const satisfies Record<string, ParamSpec>;

const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
/** A narrower flap would not cover. */
const sixth = given('sixth', 1 / 6, { kind: 'standard', path: 'flap/sixth' }, 'ratio');
/** Common practice: curves are clipped every 6 mm, and layers turn round a corner of four times their thickness. */
const CLIP = 6;
const TURNS = 4;

/** A lined flap caught in the back of the mouth that goes over the top to the front. */
export const flap: ClosureKind = {
  title: 'Flap over the top',
  params,
  rules: ['tab.school'],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, stacks, grid, hardware, id } = inputs;
    const { closing, closedThickness, emptyThickness } = body;
    if (closing.kind !== 'mouth') throw new CoreError('closure.notForBody', 'a flap needs a front and a back', id);
    const own = (key: 'overlap' | 'inset' | 'end' | 'corner') => lengthParam(design, key, params[key], rules, id);
    const fastener = hardwareOf(fasteners[choiceParam(design, 'fastener', fastenerParam)], hardware);
    const solved = flapRule({
      loadedDepth: closedThickness,
      emptyDepth: emptyThickness,
      overlap: overlapFor(own('overlap'), own('end'), body.finished.height),
      fastenerInset: own('end'),
      flapThickness: sum('flap, both layers', [stacks.exterior, stacks.lining]),
      school: rules.tabSchool,
    });
    const inset = smallest('narrower by', [own('inset'), product('a sixth of the mouth', [closing.width, sixth])]);
    const width = sum('flap width', [closing.width, times(-2, rounded(inset, grid, 'down'))]);
    const length = rounded(
      named('flap length', sum('flap length', [times(2, closing.proud), solved.flapLength])),
      grid,
      'up',
    );
    const corner = smallest('corner radius', [
      own('corner'),
      product('half of its width', [width, half]),
      product('half of its length', [length, half]),
    ]);
    const made: Flap = { width, length, corner, end: own('end'), mate: solved.mateLoaded };
    return {
      sizes: { flapWidth: width, flapLength: length, mateLoaded: solved.mateLoaded, drift: solved.drift },
      contribution: {
        ...make(made, closing, inputs, fastener),
        findings: [...driftFinding(solved.drift, fastener, 'flap', id), ...tightCorner(corner, inputs)],
      },
    };
  },
};

function tightCorner(radius: Derived, { stacks, id }: ClosureInputs): Finding[] {
  const layers = stacks.exterior.value + stacks.lining.value;
  const least = TURNS * layers;
  if (radius.value >= least) return [];
  return [
    {
      code: 'closure.cornerTooTight',
      severity: 'watch',
      about: [id],
      numbers: { radius: radius.value },
      limit: least,
      text: say`The corners of the flap have a radius of ${mm(radius.value)}; layers of ${mm(layers)} turn round ${mm(least)} and more. Round them more, or trim the inner layers away there.`,
    },
  ];
}

interface Flap {
  width: Derived;
  length: Derived;
  corner: Derived;
  /** Of the fastener, from the end. */
  end: Derived;
  /** Of its mate, below the top front edge. */
  mate: Derived;
}

/** Its base at the bottom, both far corners rounded; edges `bottom`, `right`, `corner-right`, `tip`, `corner-left`, `left`.
 * @param radius at most half of the width, mm */
export function flapOutline(width: number, length: number, radius: number): Outline {
  const shoulder = length - radius;
  const corner = (id: string, from: ArcEdge['from'], to: ArcEdge['to'], x: number): ArcEdge => ({
    id,
    kind: 'arc',
    from,
    to,
    centre: [x, shoulder],
    sweep: Math.PI / 2,
  });
  return [
    line('bottom', [0, 0], [width, 0]),
    line('right', [width, 0], [width, shoulder]),
    corner('corner-right', [width, shoulder], [width - radius, length], width - radius),
    ...(width - 2 * radius > 1e-9 ? [line('tip', [width - radius, length], [radius, length])] : []),
    corner('corner-left', [radius, length], [0, shoulder], radius),
    line('left', [0, shoulder], [0, 0]),
  ];
}

function make(
  { width, length, corner, end, mate }: Flap,
  { rim, front, width: mouth }: ClosingMouth,
  { rules, id }: ClosureInputs,
  fastener: Hardware,
): Contribution {
  const seam = rules.length('seam.allowance');
  const [outer, inner] = [`${id}/flap`, `${id}/flap-lining`];
  const outline = flapOutline(width.value, length.value, corner.value);
  const middle = width.value / 2;
  const around = outline.map((edge) => edge.id).filter((edge) => edge !== 'bottom');
  const piece = (pieceId: string, name: string, role: PieceDraft['role']): PieceDraft => ({
    id: pieceId,
    name,
    role,
    stitch: outline,
    width,
    height: length,
    allowance: Object.fromEntries(outline.map((edge) => [edge.id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', around.includes('tip') ? 'tip' : 'corner-right'] },
    notches: around.includes('tip') ? [{ id: 'middle', edge: 'tip', at: middle - corner.value }] : [],
    ...(role === 'lining' && {
      marks: [{ id: `${id}-cap`, kind: 'snapCap', at: [middle, length.value - end.value], label: 'fastener' }],
    }),
  });
  const back = rim[1]!;
  const from = (mouth.value - width.value) / 2;
  const joins = around.map((edge): Seam => {
    const mirrored = edge.replace(/left|right/, (side) => (side === 'left' ? 'right' : 'left'));
    return { id: `${outer}#${edge}`, kind: 'sewn', a: wholeEdge(outer, edge), b: wholeEdge(inner, mirrored, true) };
  });
  const caught = [outer, inner].map((flapPiece): Seam => ({
    id: `${flapPiece}#base`,
    kind: 'caught',
    within: 'body/mouth-back',
    a: wholeEdge(flapPiece, 'bottom'),
    b: edgePart(back.piece, back.edge, from, from + width.value),
  }));
  return contribution({
    pieces: [piece(outer, 'Flap', 'exterior'), piece(inner, 'Flap lining', 'lining')],
    joins: [...joins, ...caught],
    hardware: [{ id: fastener.id, count: 1 }],
    hostEdits: [
      {
        piece: front.piece,
        marks: [
          { id: `${id}-mate`, kind: 'snapSocket', at: front.at(mouth.value / 2, mate.value), label: 'fastener, mate' },
        ],
      },
    ],
    operations: [
      {
        id: `${id}/flap`,
        phase: 'prepare',
        needs: [],
        uses: [outer, inner],
        seams: joins.map((join) => join.id),
        text: say`Set the fastener in the flap lining, ${mm(end.value)} from its end, its plate on a scrap of stiff cloth behind that one layer. Sew flap and lining right sides together, the straight edge open; clip the curves every ${CLIP} mm, turn, press, topstitch.`,
      },
      {
        id: `${id}/set`,
        phase: 'closures',
        needs: [`${id}/flap`],
        uses: [outer, front.piece, back.piece],
        seams: [],
        text: say`Set the mate on the front, ${mm(mate.value)} below the mouth, through one layer backed the same way: try it with everything in it first. Baste the flap to the back of the mouth, right sides together, middles meeting; look twice that its outside will lie outside.`,
      },
    ],
  });
}

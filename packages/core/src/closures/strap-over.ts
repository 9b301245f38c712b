import type { SizedBody } from '../bodies/body-kind.ts';
import { named, rounded, smallest, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { mm, say } from '../errors/wording.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { faceLine, wholeEdge, type Seam } from '../pieces/seam.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';
import { flap } from '../sizing/flap.ts';
import { beneathOf } from './beneath.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { fastenerParam, fasteners, halfMark, insetAfter, insetFor, widthFor } from './fasteners.ts';
import { laidOver } from './laid-over.ts';
import { onWall, overlapFor } from './overlap.ts';
import { limited } from '../pieces/limited.ts';
import { tabOutline } from './tab-outline.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { tabSchool } from './shoulder-rule.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

const strapWidth = lengthRule(
  'strap.width',
  'closures',
  'Strap width',
  30,
  15,
  80,
  'Wider than the fastener by its width on each side.',
);
const strapDown = lengthRule(
  'strap.down',
  'closures',
  'Strap sewn to the back below the mouth',
  40,
  15,
  150,
  'Deep enough for a box and a cross.',
);
const strapOverlap = lengthRule(
  'strap.overlap',
  'closures',
  'Strap lies on the front by',
  60,
  20,
  200,
  'Room for the fastener and a thumb.',
);
const strapInset = lengthRule(
  'strap.inset',
  'closures',
  'Fastener from the end of the strap',
  18,
  8,
  60,
  'Its plate needs cloth all round it.',
);

const params = {
  fastener: fastenerParam,
  width: { kind: 'length', title: 'Strap width', rule: strapWidth },
  overlap: { kind: 'length', title: 'Lies on the front by', rule: strapOverlap },
  inset: { kind: 'length', title: 'Fastener from the end', rule: strapInset },
  down: { kind: 'length', title: 'Sewn to the back below the mouth', rule: strapDown },
} as const satisfies Record<string, ParamSpec>;

/** A strap sewn to the back that goes over the mouth, and over what stands out of it, to the front. */
export const strapOver: ClosureKind = {
  title: 'Strap over the top',
  on: 'mouth',
  params,
  rules: [tabSchool],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, stacks, grid, hardware, id } = inputs;
    const { closing } = body;
    if (closing.kind !== 'mouth') throw new CoreError('closure.notForBody', 'a strap needs a front and a back', id);
    const own = (key: 'width' | 'overlap' | 'inset' | 'down') => lengthParam(design, key, params[key], rules, id);
    const fastener = hardwareOf(fasteners[choiceParam(design, 'fastener', fastenerParam)], hardware);
    const inset = insetFor(own('inset'), fastener);
    const overlap = overlapFor(own('overlap'), inset, fastener, body.finished.height);
    const over = (lies: Derived) => {
      const { full, empty } = beneathOf(body, lies.value, grid);
      return flap({
        loadedDepth: full,
        emptyDepth: empty,
        overlap: lies,
        fastenerInset: inset,
        flapThickness: sum('strap, both layers', [times(2, stacks.exterior)]),
        school: rules.choice(tabSchool),
      });
    };
    const down = rounded(onWall(own('down'), body.finished.height), grid, 'down');
    const asked = rounded(widthFor(own('width'), fastener), grid, 'up');
    const { level = closing.width } = closing;
    const width = asked.value <= level.value ? asked : smallest('as wide as the back', [asked, level]);
    const besides = [down, times(2, closing.proud)];
    const { length, reach, solved } = laidOver(
      {
        path: `${id}/strapLength`,
        label: 'strap length',
        overlap,
        front: body.finished.height,
        fastener,
        inset,
        over,
        besides,
      },
      inputs,
    );
    const parts = { width, length, down, mate: solved.mateLoaded, inset: insetAfter(inset, length, reach) };
    const sizes = {
      strapWidth: width,
      strapLength: length,
      strapDown: named('sewn to the back below the mouth', down),
      mateLoaded: solved.mateLoaded,
    };
    return {
      sizes,
      contribution: contribution({
        ...make(parts, body, inputs, fastener),
        findings: [
          ...limited('The strap is sewn on below the mouth', own('down'), down, id),
          ...limited('The strap is wide', asked, width, id),
          ...limited('The strap lies on the front', own('overlap'), overlap, id),
        ],
      }),
    };
  },
};

interface Strap {
  width: Derived;
  length: Derived;
  down: Derived;
  /** Below the top front edge, full. */
  mate: Derived;
  inset: Derived;
}

function make(
  { width, length, down, mate, inset }: Strap,
  { closing, finished }: SizedBody,
  inputs: ClosureInputs,
  fastener: Hardware,
) {
  if (closing.kind !== 'mouth') return {};
  const { rules, id } = inputs;
  const seam = rules.length(seamAllowance);
  const piece = `${id}/strap`;
  const [w, middle] = [width.value, closing.width.value / 2];
  const { front, back } = closing;
  const draft: PieceDraft = {
    id: piece,
    name: 'Strap',
    role: 'exterior',
    printUp: 'bottom',
    count: 2,
    stitch: tabOutline(w, length.value),
    width,
    height: length,
    allowance: { bottom: seam, right: seam, tip: seam, left: seam },
    spans: { across: ['left', 'right'], up: ['bottom', 'tip'] },
    marks: [
      halfMark(fastener, 'upper', { id: `${id}-cap`, at: [w / 2, length.value - inset.value], label: 'fastener' }),
    ],
    note: 'Mark the fastener on one of the two.',
  };
  const round = (edge: string, mate: string): Seam => ({
    id: `${piece}#${edge}`,
    kind: 'sewn',
    a: wholeEdge(piece, edge),
    b: wholeEdge(piece, mate, true),
  });
  const joins: Seam[] = [
    round('right', 'left'),
    round('tip', 'tip'),
    { id: `${piece}#base`, kind: 'stitchedOn', a: wholeEdge(piece, 'bottom'), b: faceLine(back.piece, `${id}-base`) },
  ];
  return {
    pieces: [draft],
    joins,
    laps: [
      {
        id,
        name: 'strap' as const,
        piece,
        layers: [piece],
        double: true,
        base: { edge: 'bottom' },
        cap: `${id}-cap`,
        tip: { edge: 'tip' },
        behind: { piece: back.piece, line: { line: `${id}-base` }, edge: { edge: closing.rim[1]!.edge } },
        mate: { piece: front.piece, mark: `${id}-mate`, edge: { edge: closing.rim[0]!.edge } },
        over: rules.choice(tabSchool),
        ...(closing.rings && { rings: closing.rings }),
        ...(finished.height && { front: finished.height.value }),
      },
    ],
    hardware: [{ id: fastener.id, count: 1 }],
    hostEdits: [
      {
        piece: back.piece,
        lines: [
          {
            id: `${id}-base`,
            from: back.at(middle - w / 2, down.value),
            to: back.at(middle + w / 2, down.value),
            label: 'end of the strap',
          },
        ],
      },
      {
        piece: front.piece,
        marks: [
          halfMark(fastener, 'lower', {
            id: `${id}-mate`,
            at: front.at(middle, mate.value),
            label: 'fastener, mate',
          }),
        ],
      },
    ],
    operations: [
      {
        id: `${id}/strap`,
        phase: 'prepare' as const,
        needs: [],
        uses: [piece],
        seams: joins.slice(0, 2).map((join) => join.id),
        text: say`Set the fastener in one strap piece, its plate backed by a scrap. Sew the two right sides together round the end, turn through the straight edge, press, topstitch; turn the straight edge in.`,
      },
      {
        id: `${id}/set`,
        phase: 'closures' as const,
        needs: [`${id}/strap`],
        uses: [piece, front.piece, back.piece],
        seams: [`${piece}#base`],
        text: say`Sew the strap to the back with a box and a cross, its end ${mm(down.value)} below the mouth. With everything in it, lay the strap over and see where its fastener comes to lie: it should be ${mm(mate.value)} below the mouth, in the middle of the front. Set the mate there, through one layer only.`,
      },
    ],
  };
}

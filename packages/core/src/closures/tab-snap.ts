import { rounded, sum, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { ClosingEdge, SizedBody } from '../bodies/body-kind.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution, type Contribution } from '../pieces/contribution.ts';
import { limited } from '../pieces/limited.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { edgePart, wholeEdge, type Seam } from '../pieces/seam.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { flap } from '../sizing/flap.ts';
import { laidOver } from './laid-over.ts';
import { overlapFor } from './overlap.ts';
import { tabOutline } from './tab-outline.ts';
import { halfMark, insetAfter, insetFor, widthFor } from './fasteners.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { afterPockets, lapMates, matePlace } from './mate.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { tabSchool } from './shoulder-rule.ts';
import { CLIP } from '../pieces/clip.ts';
import { seamAllowance, topstitchInset } from '../shelves/rules/common-rules.ts';

const tabWidth = lengthRule(
  'tab.width',
  'closures',
  'Tab width',
  25,
  15,
  60,
  'Wider than the snap by its width on each side.',
);
const tabOverlap = lengthRule(
  'tab.overlap',
  'closures',
  'Tab lies on the front by',
  35,
  15,
  80,
  'Room for the snap and a thumb.',
);
const tabFastenerInset = lengthRule(
  'tab.fastenerInset',
  'closures',
  'Snap from the tab’s end',
  12,
  8,
  40,
  'The cap needs cloth all round it.',
);

const SNAP = 'snap-10';
const params = {
  width: { kind: 'length', title: 'Tab width', rule: tabWidth },
  overlap: { kind: 'length', title: 'Lies on the front by', rule: tabOverlap },
  fastenerInset: { kind: 'length', title: 'Snap from the end', rule: tabFastenerInset },
} as const;

/** A tab caught in the back leaf that goes round the opening edge and snaps on the front. */
export const tabSnap: ClosureKind = {
  title: 'Tab with a snap',
  on: 'edge',
  params,
  rules: [tabSchool, topstitchInset],
  solve(given: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, stacks, cutStacks: cut = stacks, grid } = inputs;
    const { closing } = body;
    if (closing.kind !== 'edge')
      throw new CoreError('closure.notForBody', 'a tab needs an edge to be caught in', 'closure');
    const { id } = inputs;
    const own = (key: keyof typeof params) => lengthParam(given, key, params[key], rules, id);
    const snap = hardwareOf(SNAP, inputs.hardware);
    const fastenerInset = insetFor(own('fastenerInset'), snap);
    const { full, empty } = closing.thick;
    const over = (lies: Derived) =>
      flap({
        loadedDepth: full,
        emptyDepth: empty,
        overlap: lies,
        fastenerInset,
        flapThickness: sum('tab, both layers', [cut.exterior, cut.lining]),
        school: rules.choice(tabSchool),
      });
    const wished = own('overlap');
    const overlap = overlapFor(wished, fastenerInset, snap, closing.leaf);
    const { length, reach, solved } = laidOver(
      {
        path: `${id}/tabLength`,
        label: 'tab length',
        overlap,
        front: closing.leaf,
        fastener: snap,
        inset: fastenerInset,
        over,
      },
      inputs,
    );
    const width = rounded(widthFor(own('width'), snap), grid, 'up');
    const { mateLoaded } = solved;
    const tab: Tab = { width, length, mateLoaded, inset: insetAfter(fastenerInset, length, reach).value };
    return {
      sizes: { tabWidth: width, tabLength: length, mateLoaded },
      contribution: {
        ...make(tab, closing, inputs),
        findings: limited('The tab lies on the front', wished, overlap, id),
      },
    };
  },
};

interface Tab {
  width: Derived;
  length: Derived;
  mateLoaded: Derived;
  inset: number;
}

function make({ width, length, mateLoaded, inset }: Tab, closing: ClosingEdge, inputs: ClosureInputs): Contribution {
  const { rules, hardware, id: own } = inputs;
  const [tabPiece, tabLining] = [`${own}/tab`, `${own}/tab-lining`];
  const pieces = [tabPiece, tabLining];
  const seam = rules.length(seamAllowance);
  const snap = hardwareOf(SNAP, hardware);
  const cap = halfMark(snap, 'upper', {
    id: `${own}-cap`,
    at: [width.value / 2, length.value - inset],
    label: 'snap cap',
  });
  const piece = (id: string, name: string, role: PieceDraft['role']): PieceDraft => ({
    id,
    name,
    role,
    stitch: tabOutline(width.value, length.value),
    width,
    height: length,
    allowance: { bottom: seam, right: seam, tip: seam, left: seam },
    spans: { across: ['left', 'right'], up: ['bottom', 'tip'] },
    ...(role === 'exterior' && { marks: [cap] }),
  });
  const place = matePlace(closing, [mateLoaded.value, 0], snap, inputs);
  return contribution({
    pieces: [piece(tabPiece, 'Tab', 'exterior'), piece(tabLining, 'Tab lining', 'lining')],
    joins: tabSeams(tabPiece, tabLining, width.value, closing),
    hostEdits: [
      {
        piece: place.piece,
        marks: [halfMark(snap, 'lower', { id: `${own}-mate`, at: place.at, label: 'snap, lower half' })],
      },
    ],
    laps: [
      {
        id: own,
        name: 'tab',
        piece: tabPiece,
        layers: [tabPiece, tabLining],
        base: { edge: 'bottom' },
        cap: `${own}-cap`,
        tip: { edge: 'tip' },
        ...lapMates([place], `${own}-mate`),
        over: rules.choice(tabSchool),
        front: closing.leaf.value,
      },
    ],
    hardware: [{ id: SNAP, count: 1 }],
    operations: [
      {
        id: `${own}/tab`,
        phase: 'prepare',
        needs: [],
        title: 'Sew and turn the tab',
        actions: [
          { verb: 'sew', seams: [`${tabPiece}#right`, `${tabPiece}#tip`, `${tabPiece}#left`] },
          { verb: 'clip', pieces, every: CLIP },
          { verb: 'turn', pieces },
          { verb: 'press', pieces },
          {
            verb: 'topstitch',
            piece: tabPiece,
            along: ['right', 'tip', 'left'],
            distance: rules.length(topstitchInset).value,
          },
        ],
      },
      {
        id: `${own}/snap`,
        phase: 'closures',
        needs: [`${own}/tab`, ...afterPockets([place])],
        title: 'Set the snap',
        actions: [
          {
            verb: 'setHardware',
            hardware: snap.id,
            half: 'upper',
            piece: tabPiece,
            mark: `${own}-cap`,
            from: { distance: inset, edge: 'tip' },
          },
          {
            verb: 'setHardware',
            hardware: snap.id,
            half: 'lower',
            piece: place.piece,
            mark: `${own}-mate`,
            ...(place.pocket
              ? { pockets: [place.pocket.id] }
              : { single: true, from: { distance: mateLoaded.value, edge: closing.front.edge } }),
          },
          { verb: 'inspect', what: 'halvesFace' },
        ],
      },
      {
        id: `${own}/baste`,
        phase: 'closures',
        needs: [`${own}/snap`],
        title: 'Baste the tab on',
        actions: [
          {
            verb: 'baste',
            what: 'the tab',
            seams: [`${tabPiece}#base`, `${tabLining}#base`],
            carries: [`${tabLining}#base`],
            pointing: 'inwards',
          },
        ],
      },
    ],
  });
}

function tabSeams(tab: string, lining: string, width: number, { outer, inner, length, within }: ClosingEdge): Seam[] {
  const [from, to] = [(length - width) / 2, (length + width) / 2];
  const round = (edge: string, mate: string): Seam => ({
    id: `${tab}#${edge}`,
    kind: 'sewn',
    a: wholeEdge(tab, edge),
    b: wholeEdge(lining, mate, true),
  });
  const base = (piece: string, host: { piece: string; edge: string }): Seam => ({
    id: `${piece}#base`,
    kind: 'caught',
    within,
    a: wholeEdge(piece, 'bottom'),
    b: edgePart(host.piece, host.edge, from, to),
  });
  return [round('right', 'left'), round('tip', 'tip'), round('left', 'right'), base(tab, outer), base(lining, inner)];
}

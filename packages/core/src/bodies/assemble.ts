import { byRule, sum, type Derived, type Rule } from '../derived/derived.ts';
import { kindOf } from '../document/kind-of.ts';
import { roles, type Coverage, type Layer, type Role } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { lowerHalf, withoutCorners } from '../geometry/clip.ts';
import { cutOutline } from '../geometry/offset.ts';
import { boundsOf, type Outline } from '../geometry/outline.ts';
import type { Contribution, HardwareNeed, HostEdit, Lying, OperationDraft, ShutAt } from '../pieces/contribution.ts';
import { layersOf, type LayerMaterial, type LayerUse } from '../pieces/layers.ts';
import type { Piece, PieceDraft } from '../pieces/piece.ts';
import type { Seam } from '../pieces/seam.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Meeting } from '../pieces/meeting.ts';
import type { Opening, Room } from '../pieces/room.ts';
import type { Bending } from '../pieces/turned-through.ts';
import { widenGaps } from './widen-gaps.ts';

/** All pieces, seams and steps of a design, merged. */
export interface Making {
  /** Not yet called by letter, nor notched where seams meet: see `callPieces`. */
  pieces: Piece[];
  seams: Seam[];
  rooms: Room[];
  shuts: ShutAt[];
  opens: Opening[];
  laps: Lap[];
  meetings: Meeting[];
  onBase: Lying[];
  /** Not yet in their order: see `orderSteps`. */
  operations: OperationDraft[];
  hardware: HardwareNeed[];
  findings: Finding[];
}

/** Merges what the parts contribute.
 * @param stacks the layers of each role: full layers are cut with the piece, trimmed ones become pieces of their own
 * @throws CoreError `assemble.twice`, `assemble.noHost`, `stack.unknownCoverage` */
export function assemble(
  contributions: Contribution[],
  stacks: Record<Role, Layer[]>,
  materialOf: (id: string) => (LayerMaterial & Bending) | undefined,
): Making {
  const drafts = withHostEdits(contributions);
  const layers = Object.fromEntries(roles.map((role) => [role, layersOf(stacks[role], materialOf)])) as Record<
    Role,
    LayerUse[]
  >;
  const cut = drafts.flatMap((draft) => [makePiece(draft, layers), ...layerPieces(draft, layers)]);
  const pieces = widenGaps(cut, materialOf);
  const seams = contributions.flatMap(({ joins }) => joins);
  return {
    pieces,
    seams,
    rooms: contributions.flatMap(({ rooms }) => rooms),
    shuts: contributions.flatMap(({ shuts }) => shuts),
    opens: contributions.flatMap(({ opens }) => opens),
    laps: contributions.flatMap(({ laps }) => laps),
    meetings: contributions.flatMap(({ meetings }) => meetings),
    onBase: contributions.flatMap(({ onBase }) => onBase),
    operations: contributions.flatMap(({ operations }) => operations),
    hardware: contributions.flatMap(({ hardware }) => hardware),
    findings: contributions.flatMap(({ findings }) => findings),
  };
}

function withHostEdits(contributions: Contribution[]): PieceDraft[] {
  const drafts = new Map<string, PieceDraft>();
  for (const draft of contributions.flatMap(({ pieces }) => pieces)) {
    if (drafts.has(draft.id)) throw new CoreError('assemble.twice', `two parts make a piece ${draft.id}`, draft.id);
    drafts.set(draft.id, draft);
  }
  for (const edit of contributions.flatMap(({ hostEdits }) => hostEdits)) {
    const host = drafts.get(edit.piece);
    if (!host) throw new CoreError('assemble.noHost', `there is no piece ${edit.piece} to mark`, edit.piece);
    drafts.set(edit.piece, edited(host, edit));
  }
  return [...drafts.values()];
}

const edited = (host: PieceDraft, { marks, lines, notches, gaps, allowance }: HostEdit): PieceDraft => ({
  ...host,
  marks: [...(host.marks ?? []), ...(marks ?? [])],
  lines: [...(host.lines ?? []), ...(lines ?? [])],
  notches: [...(host.notches ?? []), ...(notches ?? [])],
  gaps: [...(host.gaps ?? []), ...(gaps ?? [])],
  allowance: { ...host.allowance, ...allowance },
});

/** mm */
const HAIR = 0.5;
const outlineRule: Rule = {
  id: 'outline',
  formula: 'from end to end of the outline',
  source: 'geometry: outline with its allowances',
};

/** What is drawn on a piece, all of it there. */
const markingsOf = ({ folds = [], bends = [], notches = [], marks = [], lines = [], gaps = [] }: PieceDraft) => ({
  folds,
  bends,
  // named later, each on its own piece
  notches: notches.map((notch) => ({ ...notch })),
  marks,
  lines,
  gaps,
});

function makePiece(draft: PieceDraft, stacks: Record<Role, LayerUse[]>): Piece {
  const { id, name, role, stitch, width, height, spans, note, count = 1, cutFrom, goesThrough } = draft;
  const allowance = Object.fromEntries(Object.entries(draft.allowance).map(([edge, by]) => [edge, by.value]));
  const layers = draft.plain ? stacks[role].filter(({ held }) => held === 'outer') : stacks[role];
  const full = layers.filter(({ coverage }) => coverage === 'full');
  const cut = cutOutline(stitch, allowance);
  const outside = boundsOf(cut);
  const addAllowances = (label: string, size: typeof width, [from, to]: [string, string], whole: number) => {
    const told = sum(label, [size, draft.allowance[from]!, draft.allowance[to]!]);
    // a corner may stand out further than its edges: what a ruler shows is told where it is off by more than a hair
    return Math.abs(told.value - whole) < HAIR ? told : byRule(outlineRule, label, whole, [told]);
  };
  return {
    id,
    letter: '',
    name,
    role,
    materials: cutFrom ? [cutFrom] : full.map(({ material }) => material),
    layers: cutFrom ? [] : layers,
    count,
    stitch,
    allowance,
    cut,
    cutWidth: addAllowances('cut width', width, spans.across, outside.width),
    cutHeight: addAllowances('cut height', height, spans.up, outside.height),
    grain: draft.grain ?? (cutFrom ? 'any' : 'along'),
    printUp: draft.printUp ?? 'top',
    liesOn: [],
    topArrow: draft.topArrow ?? false,
    ...markingsOf(draft),
    ...(cutFrom && { byRuler: true }),
    ...(goesThrough && { goesThrough }),
    ...(note && { note }),
  };
}

/** Layers that do not go into the seams are pieces of their own. */
function layerPieces(draft: PieceDraft, stacks: Record<Role, LayerUse[]>): Piece[] {
  if (draft.cutFrom || draft.plain) return [];
  const inner = stacks[draft.role].filter(({ coverage }) => coverage !== 'full');
  return inner.map((layer, index) => {
    const { material, coverage } = layer;
    const lies = kindOf(outlines, coverage);
    if (!lies) throw new CoreError('stack.unknownCoverage', `no layer lies “${coverage}”`, `stacks/${draft.role}`);
    const outline = lies(draft);
    const { width, height } = boundsOf(outline);
    return {
      id: `${draft.id}/layer-${index + 1}`,
      layerOf: draft.id,
      letter: '',
      name: `${draft.name}, inner layer`,
      role: draft.role,
      materials: [material],
      layers: [layer],
      count: draft.count ?? 1,
      stitch: outline,
      allowance: Object.fromEntries(outline.map(({ id }) => [id, 0])),
      cut: outline,
      cutWidth: asFar('cut width', draft.width, width),
      cutHeight: asFar('cut height', draft.height, height),
      grain: draft.grain ?? 'along',
      printUp: draft.printUp ?? 'top',
      liesOn: [],
      topArrow: false,
      folds: [],
      bends: [],
      notches: [],
      marks: [],
      lines: [],
      gaps: [],
      ...(draft.goesThrough && { goesThrough: draft.goesThrough }),
      note: notes[coverage],
    };
  });
}

const outlines: Record<Coverage, (draft: PieceDraft) => Outline> = {
  full: ({ stitch }) => stitch,
  trimmed: ({ stitch }) => stitch,
  corners: ({ stitch, allowance }) =>
    withoutCorners(stitch, Math.max(0, ...Object.values(allowance).map(({ value }) => value))),
  half: ({ stitch }) => lowerHalf(stitch),
};
const notes: Record<Coverage, string> = {
  full: '',
  trimmed: 'Cut to the stitch line, no allowance.',
  corners: 'Cut to the stitch line, no allowance, corners off.',
  half: 'The lower half, cut to the stitch line, no allowance.',
};
const layerRule: Rule = { id: 'layer', formula: 'as far as it lies', source: 'geometry: part of the outline' };
const asFar = (label: string, whole: Derived, value: number): Derived =>
  Math.abs(whole.value - value) < 1e-6 ? sum(label, [whole]) : byRule(layerRule, label, value, [whole]);

import { byRule, sum, type Derived, type Rule } from '../derived/derived.ts';
import { kindOf } from '../document/kind-of.ts';
import { roles, type Coverage, type Layer, type OwnPiece, type Role } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { lowerHalf, withoutCorners } from '../geometry/clip.ts';
import { boundsOf, type Outline } from '../geometry/outline.ts';
import type { Contribution, HardwareNeed, HostEdit, Lying, ShutAt } from '../pieces/contribution.ts';
import { layersOf, type LayerMaterial, type LayerUse, type MaterialOf } from '../pieces/layers.ts';
import { asOwned, cutLinesOf, ownPieces } from '../pieces/own-piece.ts';
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
  operations: Contribution['operations'];
  hardware: HardwareNeed[];
  findings: Finding[];
}

/** Merges what the parts contribute.
 * @param stacks the layers of each role: full layers are cut with the piece, trimmed ones become pieces of their own
 * @param pieces what the maker has decided for single pieces; default nothing
 * @throws CoreError `assemble.twice`, `assemble.noHost`, `stack.unknownCoverage` */
export function assemble(
  contributions: Contribution[],
  stacks: Record<Role, Layer[]>,
  materialOf: (id: string) => (LayerMaterial & Bending) | undefined,
  pieces: readonly OwnPiece[] = [],
): Making {
  const ofRoles = Object.fromEntries(roles.map((role) => [role, layersOf(stacks[role], materialOf)])) as Record<
    Role,
    LayerUse[]
  >;
  const own = ownPieces(pieces);
  const drafts = withHostEdits(contributions).map((made) => ({ made, draft: asOwned(made, own.get(made.id)) }));
  const cut = drafts.flatMap(({ draft }) => {
    const layers = layersIn(draft, ofRoles, materialOf);
    return [makePiece(draft, layers), ...layerPieces(draft, layers)];
  });
  const widened = widenGaps(cut, materialOf);
  const seams = contributions.flatMap(({ joins }) => joins);
  return {
    pieces: widened,
    seams,
    rooms: contributions.flatMap(({ rooms }) => rooms),
    shuts: contributions.flatMap(({ shuts }) => shuts),
    opens: contributions.flatMap(({ opens }) => opens),
    laps: contributions.flatMap(({ laps }) => laps),
    meetings: contributions.flatMap(({ meetings }) => meetings),
    onBase: contributions.flatMap(({ onBase }) => onBase),
    operations: contributions.flatMap(({ operations }) => operations),
    hardware: withMore(
      contributions.flatMap(({ hardware }) => hardware),
      drafts,
    ),
    findings: contributions.flatMap(({ findings }) => findings),
  };
}

/** What is cut from a length, with what its maker adds to its ends.
 * @param drafts as they were made, and as she wants them */
function withMore(
  hardware: readonly HardwareNeed[],
  drafts: readonly Record<'made' | 'draft', PieceDraft>[],
): HardwareNeed[] {
  const more = new Map<string, number>();
  for (const { made, draft } of drafts) {
    if (!draft.cutFrom || made === draft) continue;
    const ends = (of: PieceDraft) => of.spans.across.reduce((all, edge) => all + of.allowance[edge]!.value, 0);
    const by = (draft.count ?? 1) * (ends(draft) - ends(made));
    more.set(draft.cutFrom, (more.get(draft.cutFrom) ?? 0) + by);
  }
  return hardware.map((need) => {
    const by = need.length === undefined ? undefined : more.get(need.id);
    more.delete(need.id);
    return by === undefined ? need : { ...need, length: need.length! + by };
  });
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

function makePiece(draft: PieceDraft, layers: LayerUse[]): Piece {
  const { id, name, role, stitch, note, count = 1, cutFrom, goesThrough, ownEdges = [] } = draft;
  const allowance = Object.fromEntries(Object.entries(draft.allowance).map(([edge, by]) => [edge, by.value]));
  const full = layers.filter(({ coverage }) => coverage === 'full');
  const { cut, trim } = cutLinesOf(draft);
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
    cut: cut.outline,
    cutWidth: cut.width,
    cutHeight: cut.height,
    ...(trim && { trim }),
    ...(ownEdges.length > 0 && { ownEdges }),
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

/** The layers of a piece: its own, or those of its role. */
function layersIn(draft: PieceDraft, ofRoles: Record<Role, LayerUse[]>, materialOf: MaterialOf): LayerUse[] {
  if (draft.layers) return layersOf(draft.layers, materialOf);
  const layers = ofRoles[draft.role];
  return draft.plain ? layers.filter(({ held }) => held === 'outer') : layers;
}

/** Layers that do not go into the seams are pieces of their own. */
function layerPieces(draft: PieceDraft, layers: LayerUse[]): Piece[] {
  if (draft.cutFrom) return [];
  const inner = layers.filter(({ coverage }) => coverage !== 'full');
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

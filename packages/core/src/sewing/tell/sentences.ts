import { listed } from '../../errors/listed.ts';
import { mm, say, type Told, type Wording } from '../../errors/wording.ts';
import { capital, lower } from '../../errors/first-letter.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Action, ActionOf, Inspection, Sew, Verb } from '../actions/action.ts';
import { along, alongRuns, called, edgesOf, piecesIn, type Work } from './words.ts';

/** An action as a sentence in plain trade English: one pattern for each verb. */
export function sentenceOf(action: Action, work: Work): Wording {
  const tell = patterns[action.verb] as (action: Action, work: Work) => Wording;
  return tell(action, work);
}

const patterns: { [V in Verb]: (action: ActionOf<V>, work: Work) => Wording } = {
  measure: () => say`Measure the printed test square: ${mm(100)} each way.`,
  cut: ({ pieces }, work) => {
    const cut = pieces.map(work.piece).filter(({ byRuler }) => !byRuler);
    const count = cut.reduce((sum, each) => sum + each.count, 0);
    return say`Cut ${count === 1 ? 'the piece' : `all ${count} pieces`} and keep the letters on the wrong sides.`;
  },
  mark: () => say`Mark notches, folds, lines and places from the pattern.`,
  fuse: held,
  basteLayer: held,
  sew: sewn,
  baste: sewn,
  edgestitch: sewn,
  topstitch: ({ piece, along: edges, distance, noFurther, closesGap, mouthOf }, work) => {
    const on = work.piece(piece);
    const where = edges ? placesOn(on, edges) : 'all round';
    return [
      ...say`Topstitch ${called(on)} ${where}, ${mm(distance)} from the edge`,
      ...(noFurther ? say`, no further in: what lies beside it is sized for that` : []),
      ...(closesGap ? say`. This closes the gap` : []),
      ...(mouthOf === undefined ? [] : say`. That edge is the mouth of the room ${mouthOf} behind it`),
      '.',
    ];
  },
  fold: ({ piece, fold, sides }, work) => {
    const on = work.piece(piece);
    return say`Fold ${called(on)} ${sides} sides together along ${foldsOf(on, [fold])}.`;
  },
  pleat: ({ piece, pockets, height }, work) =>
    say`Press ${called(work.piece(piece))} along its numbered folds, in their order, into ${pockets === 1 ? 'one pocket' : `${pockets} pockets`}: ${mm(height)} high between its stitch lines.`,
  hem: ({ pieces, edge }, work) => {
    const [first] = pieces.map(work.piece);
    return say`Hem the ${edgeName(edge)} of ${piecesIn(pieces, work)}: ${half(first!.allowance[edge] ?? 0)} in, and again.`;
  },
  clip: ({ every }) =>
    every === undefined
      ? say`Clip the corners to the stitches, not into them.`
      : say`Clip the curve every ${mm(every)} to the stitches, not into them.`,
  trim: ({ pieces, to }, work) => {
    if (to === 'corners') return say`Trim the allowances at the corners.`;
    const [first] = pieces.map(work.piece);
    const { trim, count } = first!;
    return say`Trim ${count > 1 ? 'each ' : ''}${piecesIn(pieces, work)} to ${mm(trim!.width.value)} wide and ${mm(trim!.height.value)} high, along the dashed line of the pattern.`;
  },
  turn: ({ through }, work) => {
    if (through === undefined) return say`Turn it right side out and push the corners out.`;
    const [gap] = work.piece(through).gaps;
    return say`Turn it right side out through the gap in the ${edgeName(gap!.edge)} and push the corners out.`;
  },
  press: () => say`Press.`,
  setHardware: ({ hardware, half: which, piece, mark, from }, work) => {
    const on = work.piece(piece);
    const label = on.marks.find(({ id }) => id === mark)?.label ?? mark;
    const name = lower(work.nameOf(hardware));
    return [
      ...say`Set the ${which} half of the ${name} in ${called(on)} at its mark “${label}”`,
      ...(from ? say`, ${mm(from.distance)} from the ${edgeName(from.edge)}` : []),
      '.',
    ];
  },
  tryIn: ({ holders }) => say`Try what goes into ${listed(holders)} before the next seam.`,
  inspect: ({ what }) => inspections[what],
};

const inspections: Record<Inspection, Wording> = {
  halvesFace: say`Look which halves face each other: what is set wrong does not come out again.`,
  notTwisted: say`Look that it is not twisted.`,
};

const half = (size: number): Told => mm(size / 2);

const placesOn = (piece: Piece, ids: readonly string[]): string =>
  ids.some((id) => piece.folds.some((fold) => fold.id === id)) ? `along ${foldsOf(piece, ids)}` : along(piece, ids);

/** “its fold”, or “folds 2 and 4”. */
function foldsOf({ folds }: Piece, ids: readonly string[]): string {
  const orders = ids.map((id) => folds.find((fold) => fold.id === id)!.order);
  if (folds.length === 1) return 'its fold';
  return `${orders.length === 1 ? 'fold' : 'folds'} ${listed(orders.map(String))}`;
}

function held({ verb, to, materials, layer, noHeat }: ActionOf<'fuse'>, work: Work): Wording {
  const host = called(work.piece(to));
  const cloth = listed(materials.map((id) => lower(work.nameOf(id))));
  const what = layer === undefined ? cloth : `${called(work.piece(layer))}, ${cloth},`;
  const inside = layer === undefined ? '' : ', inside the stitch lines';
  if (verb === 'fuse') return say`Fuse ${what} to the wrong side of ${host}${inside}.`;
  const [how, where] = layer === undefined ? ['Baste', ' all round, inside the allowance'] : ['Baste or glue', inside];
  const why = noHeat ? '; do not iron it on, its cloth does not bear the heat' : '';
  return say`${how} ${what} to the wrong side of ${host}${where}${why}.`;
}

const verbWords = { sew: 'Sew', baste: 'Baste', edgestitch: 'Edge-stitch' } as const;

type Facing = NonNullable<Sew['facing']>;
const faces: Record<Facing, string> = { rightToRight: 'right sides together', wrongToRight: 'right side up' };

/** Seams of two pieces: one sentence for each pair. */
function sewn({ seams, carries = [], ...action }: Sew, work: Work): Wording {
  const pairs = pairsOf(seams.filter((id) => !carries.includes(id)).map(work.seam));
  return pairs.flatMap((pair, index): Wording => [...(index === 0 ? [] : [' ']), ...pairSewn(pair, action, work)]);
}

function pairSewn(pair: Pair, action: Omit<Sew, 'seams' | 'carries'>, work: Work): Wording {
  const { verb, what, facing, pointing, between, leavesOpen } = action;
  const [a, b] = [work.piece(pair[0].a.piece), work.piece(pair[0].b.piece)];
  const edges = pair.flatMap((seam) => edgesOf(seam.a));
  const right: Facing = facing ?? (verb === 'edgestitch' ? 'wrongToRight' : 'rightToRight');
  const onto = right === 'rightToRight' ? 'to' : 'onto';
  return [
    ...say`${verbWords[verb]} ${what ?? called(a)} ${onto} ${called(b)} ${where(pair, a, b)}, ${faces[right]}`,
    ...(pointing ? say`, its free end pointing ${pointing}` : []),
    ...(between === undefined ? [] : say`, ${lyingBetween(between, work)} between them`),
    ...(verb === 'edgestitch' || edges.length === 0 ? [] : allowances(a, edges)),
    ...easesOf(pair, a, b),
    ...gapsIn(pair, work),
    ...(leavesOpen === undefined ? [] : say`; leave the mouth of ${leavesOpen} open`),
    '.',
  ];
}

/** Where seams of two pieces lie: at lines that are marked on the lower one, or along edges of the upper one. */
function where(pair: Pair, a: Piece, b: Piece): string {
  const onLines = pair.every((seam) => seam.b.parts.every((part) => 'line' in part));
  const runs = pair.map((seam) => (onLines ? seam.b : seam.a));
  return alongRuns(onLines ? b : a, runs);
}

const lyingBetween = (between: 'all' | readonly string[], work: Work): string =>
  between === 'all' ? 'everything else' : piecesIn(between, work);

/** Seams that join the same two pieces. */
type Pair = [Seam, ...Seam[]];

/** Seams by the pieces that they join. */
function pairsOf(seams: readonly Seam[]): Pair[] {
  const pairs = new Map<string, Pair>();
  for (const seam of seams) {
    const key = `${seam.a.piece} ${seam.b.piece}`;
    const there = pairs.get(key);
    if (there) there.push(seam);
    else pairs.set(key, [seam]);
  }
  return [...pairs.values()];
}

/** How wide its allowance is: the one that most edges have, and those that have another. */
function allowances({ allowance }: Piece, edges: readonly string[]): Wording {
  const widths = edges.map((edge) => allowance[edge] ?? 0);
  const usual = widths.toSorted((x, y) => count(widths, y) - count(widths, x))[0];
  if (usual === undefined) return [];
  const others = edges.filter((edge) => Math.abs((allowance[edge] ?? 0) - usual) > 1e-6);
  return [
    ...say`, ${mm(usual)} from the edge`,
    ...others.flatMap((edge) => say`, at the ${edgeName(edge)} ${mm(allowance[edge] ?? 0)}`),
  ];
}

const count = (all: readonly number[], one: number): number => all.filter((each) => Math.abs(each - one) < 1e-6).length;

/** What one of both is longer by, and where that lies: told once where it is the same at several edges. */
function easesOf(seams: readonly Seam[], a: Piece, b: Piece): Wording {
  const byLength = new Map<number, string[]>();
  for (const { ease, a: run } of seams) {
    if (!ease || ease.inFolds || Math.abs(ease.by.value) < 0.05) continue;
    const edges = edgesOf(run);
    const name = (id: string) => a.notches.find((notch) => notch.id === id && edges.includes(notch.edge))?.name ?? id;
    const places = byLength.get(ease.by.value) ?? [];
    if (ease.between) places.push(`between ${ease.between.map(name).sort().join(' and ')}`);
    byLength.set(ease.by.value, places);
  }
  return [...byLength].flatMap(([by, places]) => {
    const at = places.length === 0 ? 'all along' : listed(places);
    return by > 0
      ? say`; ${called(a)} is ${mm(by)} longer: let that stand ${at}`
      : say`; ${called(b)} is ${mm(-by)} longer: let that stand ${at}`;
  });
}

/** Parts of its edges that stay open. */
function gapsIn(seams: readonly Seam[], { piece }: Work): Wording {
  const gaps = seams.flatMap(({ a }) => {
    const edges = edgesOf(a);
    return piece(a.piece).gaps.filter(({ edge }) => edges.includes(edge));
  });
  return gaps.flatMap(({ edge, from, to, label }) =>
    label === undefined
      ? say`; leave ${mm(to - from)} of the ${edgeName(edge)} open, back-tacked at both ends`
      : say`; ${label} where it is marked, back-tacked at both ends`,
  );
}

/** A sentence that begins with a capital letter. */
export const asSentence = (wording: Wording): Wording => {
  const [first, ...rest] = wording;
  return typeof first === 'string' ? [capital(first), ...rest] : wording;
};

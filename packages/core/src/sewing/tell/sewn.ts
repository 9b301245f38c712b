import { edgesOf } from '../../pieces/seam.ts';
import { listed } from '../../errors/listed.ts';
import { say, mm, type Wording } from '../../errors/wording.ts';
import type { ActionOf, Facing, Sew } from '../actions/action.ts';
import { allowances, easesOf, gapsIn } from './sizes.ts';
import { after, meets, within, type How } from './ways.ts';
import { betweenNotches, itself, pairsOf, whereOf, type Pair } from './where.ts';
import { asSentence, called, piecesIn, type Work } from './words.ts';

const verbWords = { sew: 'Sew', baste: 'Baste', edgestitch: 'Edge-stitch' } as const;
export const faces: Record<Facing, string> = {
  rightToRight: 'right sides together',
  wrongToRight: 'right side up',
  wrongToWrong: 'wrong sides together',
  rightToWrong: 'right side down',
};

/** Seams of two pieces: one sentence for each pair, and what holds for all of them after it. */
export function sewn({ verb, seams, carries = [], ...how }: Sew, work: Work): Wording {
  const told = seams.filter((id) => !carries.includes(id));
  const pairs = pairsOf(told.map(work.seam));
  const word = how.meet ? `Match the ${meets[how.meet]} and ${verbWords[verb].toLowerCase()}` : verbWords[verb];
  const all = together(pairs.map((pair) => pairSewn(pair, verb, how, work)));
  return sentences([
    ...all.flatMap(({ a, onto, rest, more }): Wording[] => [
      [...say`${[word, a, onto].filter((part) => part !== '').join(' ')}`, ...rest],
      ...more,
    ]),
    ...after(how, told[0], work),
  ]);
}

/** A pair in words: what is sewn to what, and the rest of its sentence. */
interface Told {
  a: string;
  onto: string;
  b: string;
  rest: Wording;
  more: Wording[];
}

/** Default right sides together where it is sewn or basted, the wrong side of one on the right side of the other where it is edge-stitched. */
const facingOf = (verb: Sew['verb'], { facing }: How): Facing =>
  facing ?? (verb === 'edgestitch' ? 'wrongToRight' : 'rightToRight');

function pairSewn(pair: Pair, verb: Sew['verb'], how: How, work: Work): Told {
  const [a, b] = [work.piece(pair[0].a.piece), work.piece(pair[0].b.piece)];
  const facing = facingOf(verb, how);
  const rest = [
    ...say`, ${faces[facing]}`,
    ...within(how, work),
    ...(how.onTop === 'second' ? say`, ${called(b)} on top` : []),
    ...(how.onTop === 'first' ? say`, ${called(a)} on top` : []),
    ...(verb === 'edgestitch' ? [] : fromEdge(how, pair, work)),
  ];
  // what is only basted or edge-stitched is not what the gap is left in
  const more = [...easesOf(pair, a, b), ...(verb === 'sew' ? gapsIn(pair, work) : [])];
  if (a.id === b.id) return { a: itself(pair, a), onto: '', b: '', rest, more };
  const places = verb === 'baste' && !how.aside ? betweenNotches(pair, b) : '';
  return {
    a: how.what ?? called(a),
    onto: facing === 'rightToRight' || facing === 'wrongToWrong' ? 'to' : 'onto',
    b: called(b),
    rest: [...say`${whereOf(pair, a, b)}${places}`, ...rest],
    more,
  };
}

/** How far from the edge it is sewn: in the tape of a zipper, or as wide as the allowance is. */
function fromEdge({ besideTeeth }: How, pair: Pair, work: Work): Wording {
  if (besideTeeth !== undefined) return say`, ${mm(besideTeeth)} from the edge of the tape`;
  const first = work.piece(pair[0].a.piece);
  const side = first.byRuler ? 'b' : 'a';
  const edges = pair.flatMap((seam) => edgesOf(seam[side]));
  return edges.length === 0 ? [] : allowances(work.piece(pair[0][side].piece), edges);
}

/** Pieces that are sewn to the same in the same way share a sentence, and so do those that the same is sewn to. */
function together(told: readonly Told[]): Told[] {
  const byLower = grouped(told, ({ b, onto, rest, more }) => [b, onto, rest, more]).map((group) => ({
    ...group[0],
    a: listed([...new Set(group.map(({ a }) => a))]),
  }));
  return grouped(byLower, ({ a, onto, rest, more }) => [a, onto, rest, more]).map((group) => {
    const lower = listed([...new Set(group.map(({ b }) => b))]);
    return { ...group[0], onto: [group[0].onto, lower].filter((word) => word !== '').join(' ') };
  });
}

function grouped(told: readonly Told[], keyOf: (each: Told) => unknown): [Told, ...Told[]][] {
  const groups = new Map<string, [Told, ...Told[]]>();
  for (const each of told) {
    const key = JSON.stringify(keyOf(each));
    const there = groups.get(key);
    if (there) there.push(each);
    else groups.set(key, [each]);
  }
  return [...groups.values()];
}

const sentences = (all: readonly Wording[]): Wording =>
  all.flatMap((each, index): Wording => [...(index === 0 ? [] : [' ']), ...asSentence(each), '.']);

/** A corner that is opened out flat and sewn across. */
export function boxed({ seams, onto, marked }: ActionOf<'box'>, work: Work): Wording {
  const pieces = seams.map(work.seam).flatMap(({ a, b }) => [a.piece, b.piece]);
  const place = {
    bottomOnSide: 'the bottom seam in line with the side',
    seam: 'the side seam on the bottom seam',
    fold: 'the end seam on the fold',
    middle: 'the side seam on the middle of the bottom fold',
  };
  const sewing = marked ? 'sew across on its mark, try the largest thing, then trim' : 'sew across';
  return say`Open each corner of ${piecesIn(pieces, work)}, lay ${place[onto]} and ${sewing}.`;
}

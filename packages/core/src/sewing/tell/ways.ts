import { edgesOf } from '../../pieces/seam.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { Meet, Sew, Twice } from '../actions/action.ts';
import { called, piecesIn, type Work } from './words.ts';

/** How a seam is sewn, without its verb and what it joins. */
export type How = Omit<Sew, 'verb' | 'seams' | 'carries'>;

/** What is matched, with its article. */
export const meets: Record<Meet, string> = {
  marks: 'marks',
  middles: 'middles',
  notches: 'notches',
  sideSeams: 'side seams',
  corners: 'corners',
  windows: 'windows',
  foot: 'middle of the gusset’s foot and the bottom seam',
};

const froms: Record<NonNullable<Sew['from']>, string> = {
  middle: 'from the middle outwards',
  mouth: 'from the mouth down',
  fold: 'from the fold up',
  top: 'from the top edge down',
  seam: 'from the bottom seam up',
  middleDivider: 'the middle divider first',
};

const asides = {
  centre: 'the centre',
  sideSeam: 'the side seam',
  mouth: 'the mouth',
  base: 'the base',
  outerEdge: 'the outer edge',
  sides: 'the side seams',
};

/** How far from what it lies. */
export function asideOf({ distance: by, edge, of }: NonNullable<Sew['aside']>): Wording {
  if (of === undefined) return say`, ${mm(by)} from the ${edgeName(edge ?? '')}`;
  if (of === 'centre' || of === 'sideSeam') return say`, the middle of each end ${mm(by)} from ${asides[of]}`;
  const ways = { base: 'above', mouth: 'below', outerEdge: 'from', sides: 'from' };
  return say`, ${mm(by)} ${ways[of]} ${asides[of]}`;
}

const twices: Record<Twice, string> = {
  weight: 'Sew it a second time: it carries the weight',
  turning: 'Sew its ends a second time: turning pulls at them',
  trues: 'Sew a second row on it: it trues the first',
  zipper: 'Sew over the zipper a second time',
  mouth: 'Back-tack twice at the mouth: it carries the weight',
  handles: 'When the mouth is sewn, go over each end three times',
  caught: 'When the seam there is sewn, go over them a second time',
  thick: 'Sew over what is thick there a second time',
};

const stops: Record<NonNullable<Sew['stopsAt']>, (wide: number) => Wording> = {
  corners: (wide) => say`Start and stop ${mm(wide)} from every corner, or it cannot turn`,
  mouth: () => say`Stop at the mouth and back-tack there`,
  sides: () => say`Begin and end at the stitch lines of the sides, back-tacked`,
  sideSeam: () => say`Stop short of the side seams, through this one layer only`,
  seam: () => say`Begin and end exactly where the stitching of the mouth ends`,
};

type Tell<V> = (value: V, work: Work, how: How) => Wording;
/** Words for what is set of an action, in the order in which they are said. */
type Words = { [K in keyof How]?: Tell<NonNullable<How[K]>> };

/** Within the sentence. */
const phrases: Words = {
  cross: () => say`, with a box and a cross`,
  teeth: (way) => say`, its teeth pointing ${way}`,
  pointing: (way) => say`, its free end pointing ${way}`,
  from: (where) => say`, ${froms[where]}`,
  beginsBelow: (by) => say`, beginning ${mm(by)} below the mouth`,
  aside: (aside) => asideOf(aside),
  slack: () => say`, straight, neither slack nor stretched`,
  stopsAfter: (by) => say`, ${mm(by)} and no further`,
  eased: () => say`, easing it without pins and without stretching`,
  oneLayer: () => say`, one layer of each at the needle`,
  fromEdge: (by) => say`, ${mm(by)} from the edge`,
  fromFold: (by) => say`, ${mm(by)} from the fold`,
};

/** Sentences after it, without their full stops. */
const notes: Words = {
  between: (ids, work, { faceTo }) => {
    const face = faceTo ? `, face to ${called(work.piece(faceTo))}` : '';
    if (ids === 'all') return say`Everything that is sewn on lies between them`;
    return say`${piecesIn(ids, work)} ${new Set(ids).size > 1 ? 'lie' : 'lies'} between them${face}`;
  },
  allLayers: () => say`Sew through all layers, both sides lying flat and even`,
  throughPanel: () => say`One line goes through the panel, its pockets and its backing`,
  crooked: () => say`A crooked line robs what lies beside it`,
  smaller: (id, work) =>
    say`Take a hair more of ${called(work.piece(id))} in towards the sides, so that it lies inside`,
  small: () => say`Use short stitches`,
  backAndForth: () => say`Stitch each line back and forth`,
  oneWall: () => say`Sew through the layer only that lies on the other`,
  noFurther: () => say`Sew no further in: what lies beside it is sized for that`,
  throughOnly: (id, work) =>
    say`Stitch through ${called(work.piece(id))} alone, at its very edge: a line further in would lock the board out`,
  pinched: ({ top, bottom }) =>
    say`Lay the gusset round the edge and stitch through all, ${mm(top)} from it at the top, ${mm(bottom)} at the bottom`,
  keepOut: (ids, work) => say`Hold ${piecesIn(ids, work)} out of the way`,
  leavesOpen: (room) => say`Leave the mouth of ${room} open`,
  endsOpen: () => say`Its ends stay open`,
  bothEdges: () => say`Stitch along both of its edges`,
  turns: () => say`At each corner leave the needle down, lift the foot and turn the work`,
  twice: (why) => say`${twices[why]}`,
  endsByHand: () => say`Stop short of the bottom seam; the last stitches by hand`,
};

const told = (words: Words, how: How, work: Work): Wording[] =>
  Object.entries(words).flatMap(([key, tell]) => {
    const value = how[key as keyof How];
    if (value === undefined || value === false) return [];
    return [(tell as Tell<unknown>)(value, work, how)];
  });

/** How it is sewn, within the sentence. */
export const within = (how: How, work: Work): Wording => told(phrases, how, work).flat();

/** What holds for all of its seams, sentence by sentence.
 * @param first of its seams */
export function after(how: How, first: string | undefined, work: Work): Wording[] {
  const { stopsAt } = how;
  const seam = first === undefined ? undefined : work.seam(first);
  const wide = seam ? work.piece(seam.a.piece).allowance[edgesOf(seam.a)[0] ?? ''] : undefined;
  return [...(stopsAt ? [stops[stopsAt](wide ?? 0)] : []), ...told(notes, how, work)];
}

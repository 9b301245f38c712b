import { say, type Wording } from '../../errors/wording.ts';
import type { Action, ActionOf, Caution, Verb } from '../actions/action.ts';
import * as hands from './hands.ts';
import { inspections, layerHeld, set, tried } from './held.ts';
import { bound, hemmed, stitched, tacked, topstitched, zigzagged } from './rows.ts';
import { boxed, sewn } from './sewn.ts';
import type { Work } from './words.ts';

/** An action as a sentence in plain trade English: one pattern for each verb. */
export function sentenceOf(action: Action, work: Work): Wording {
  const tell = patterns[action.verb] as (action: Action, work: Work) => Wording;
  return tell(action, work);
}

const patterns: { [V in Verb]: (action: ActionOf<V>, work: Work) => Wording } = {
  measure: hands.measured,
  cut: hands.cut,
  mark: hands.marked,
  fuse: layerHeld,
  basteLayer: layerHeld,
  lay: hands.laid,
  nest: hands.nested,
  sew: sewn,
  baste: sewn,
  edgestitch: sewn,
  box: boxed,
  stitch: stitched,
  topstitch: topstitched,
  tack: tacked,
  zigzag: zigzagged,
  bind: bound,
  fold: hands.folded,
  turnIn: hands.turnedIn,
  pleat: hands.pleated,
  hem: hemmed,
  clip: hands.clipped,
  nick: hands.nicked,
  slit: hands.slitOpen,
  trim: hands.trimmed,
  turn: hands.turned,
  closeGap: hands.gapClosed,
  insert: hands.inserted,
  bend: hands.bent,
  foldBand: hands.bandFolded,
  loop: hands.looped,
  hookAndLoop: hands.hooksAndLoops,
  attach: hands.attached,
  handSew: hands.sewnByHand,
  press: hands.pressed,
  seal: hands.sealed,
  thread: hands.threaded,
  moveSlider: hands.sliderMoved,
  setHardware: set,
  tryIn: tried,
  inspect: ({ what }) => inspections[what],
};

/** What is not safe, in words; local rules and trained hands decide. */
export const cautions: Record<Caution, Wording> = {
  flame: say`Sealing needs a flame or a hot knife: mind fingers and fumes.`,
  magnets: say`Keep magnets from cards with a stripe, from small children, and from anyone with a pacemaker.`,
  neck: say`A strap round a child’s neck is a danger: leave it off for children.`,
  cords: say`Cords and their ends are a danger on what is for children: local rules decide.`,
  needleZipper: say`Sew slowly over the teeth of a zipper, with glasses on: a needle that breaks flies.`,
};

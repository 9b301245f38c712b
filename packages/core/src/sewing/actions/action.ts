import type {
  Measure,
  Cut,
  Mark,
  Lay,
  Nest,
  Fold,
  TurnIn,
  Pleat,
  Clip,
  Nick,
  Slit,
  Trim,
  Turn,
  CloseGap,
  Insert,
  FoldBand,
  Bend,
  HandSew,
  Press,
  Seal,
} from './hands.ts';
import type { Box, Stitch, Topstitch, Tack, Zigzag, Bind, Hem } from './rows.ts';
import type { Hold, Loop, HookAndLoop, Attach, Thread, MoveSlider, SetHardware, TryIn, Inspect } from './sets.ts';
import type { Sew } from './sew.ts';

export type { Aside, Facing, Meet, MouthWay, Sew, Twice } from './sew.ts';
export type { Inspection, SetHardware } from './sets.ts';

/** What is done in the work, as data: a verb and what it is done to, by the ids of pieces, seams, folds, marks and rooms. Sizes are not
 * repeated where pieces and seams tell them: how wide an allowance is, what is eased and which gap stays open follows from those. */
export type Action =
  | Measure
  | Cut
  | Mark
  | Hold
  | Lay
  | Nest
  | Sew
  | Box
  | Stitch
  | Topstitch
  | Tack
  | Zigzag
  | Bind
  | Fold
  | TurnIn
  | Pleat
  | Hem
  | Clip
  | Nick
  | Slit
  | Trim
  | Turn
  | CloseGap
  | Insert
  | Bend
  | FoldBand
  | Loop
  | HookAndLoop
  | Attach
  | HandSew
  | Press
  | Seal
  | Thread
  | MoveSlider
  | SetHardware
  | TryIn
  | Inspect;

export type Verb = Action['verb'];
/** An action of one verb. */
export type ActionOf<V extends Verb> = Action extends infer A
  ? A extends { verb: infer Own }
    ? V extends Own
      ? A
      : never
    : never
  : never;

/** What is not safe for the hands, or in use; told before what it warns of. */
export type Caution = 'flame' | 'magnets' | 'neck' | 'cords' | 'needleZipper';

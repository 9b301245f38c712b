import type { Cloth } from './cloth.ts';
import type { Plan } from './plan.ts';

/** Says what a maker would find wrong. */
export type Say = (words: string) => void;

/** A piece of the body itself, not of what is held or closes it. */
export const isBody = (id: string): boolean => id.startsWith('body/');
/** The short edges of a tape. */
export const ENDS = ['left', 'right'];
/** Folds that a piece has for good. */
export const LASTING = ['mouth', 'tip'];

/** What lies on the bench: cloth, and what is done to it so far. */
export class Bench {
  readonly cloth: Cloth;
  readonly plan: Plan;
  readonly cut = new Set<string>();
  readonly marked = new Set<string>();
  /** Inner layers that something holds. */
  readonly held = new Set<string>();
  /** Seams. */
  readonly sewn = new Set<string>();
  /** `piece fold`, or `piece pleats`. */
  readonly folded = new Set<string>();
  /** What was sewn by machine with right sides together, and not turned since; and what was turned. */
  readonly insideOut = new Set<string>();
  readonly turned = new Set<string>();
  readonly gapsOpen = new Set<string>();
  /** `piece mark` with its half of a fastener. */
  readonly set = new Set<string>();
  /** Lies on another and is held to it all round by a few stitches. */
  readonly tacked = new Map<string, string>();
  /** Laid on another and stitched there. */
  readonly on = new Map<string, string>();

  constructor(cloth: Cloth, plan: Plan) {
    this.cloth = cloth;
    this.plan = plan;
  }
}

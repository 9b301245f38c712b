import type { BoardPlan } from '../bodies/board-plan.ts';
import type { BodyInputs, FaceSpec, OverEdge, SizedBody, SizedFace } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { MeasuredFace } from '../faces/measure.ts';
import type { FindingCode } from '../errors/finding.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { SewnPocket } from '../holders/sewn-pocket.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';

export interface ClosureInputs extends BodyInputs {
  hardware: readonly Hardware[];
  /** `closure`, or `parts/…`: where its pieces and marks are named. */
  id: string;
  /** What lies in the faces of its own, in their order; nothing if it has none. */
  own?: readonly MeasuredFace[];
  /** The pockets that are sewn onto the faces of the body; none before those are placed. */
  pockets?(): readonly SewnPocket[];
}
export interface SolvedClosure {
  sizes: Record<string, Derived>;
  contribution: Contribution;
}

export const bodyPlaces = ['mouth', 'edge', 'sides', 'base'] as const;
/** At the opening, at the edge that comes to lie on the front, at both sides, or in the base. */
export type BodyPlace = (typeof bodyPlaces)[number];

/** A way to close the body, or something else that is set on it. */
export interface ClosureKind {
  readonly title: string;
  /** Where on the body it goes. */
  readonly on: BodyPlace;
  readonly params: Record<string, ParamSpec>;
  /** The house rules that size it besides its own parameters. */
  readonly rules: readonly HouseRule[];
  /** Findings of its own that it may bring; default none. */
  readonly findings?: readonly FindingCode[];
  /** The piece is lifted by it. */
  readonly carries?: boolean;
  /** Front and back meet where it closes, above the contents. */
  readonly meets?: boolean;
  /** Cloth that it needs above the contents, and above where front and back meet, mm.
   * @param contents height of what the body holds, mm */
  above?(params: Params, contents: Derived, inputs: ClosureInputs): Derived;
  /** Whether it runs along the top of a folded piece, and leaves its bottom free; default it does not. */
  alongTop?(params: Params): boolean;
  /** What of it lies loose on the base, beneath the contents, mm. */
  onBase?(inputs: ClosureInputs): Derived;
  /** What it shows between the two edges that it closes, mm. */
  exposes?(params: Params, inputs: ClosureInputs): Derived;
  /** Whether it finishes the mouth of a single layer itself, such as with a zipper or a casing in its place; default that is hemmed. */
  finishesMouth?(params: Params, mouth: { round: boolean }): boolean;
  /** Faces of its own, which things lie in; default none. */
  readonly faces?: readonly FaceSpec[];
  /** What it asks of the edge that it is set in, by what lies in those. */
  asks?(params: Params, inputs: ClosureInputs): OverEdge;
  /** Those faces, on a sized body. */
  sizeFaces?(params: Params, body: SizedBody, inputs: ClosureInputs): SizedFace[];
  /** The sides of it as the maker looks at them; default none. */
  boards?(solved: SolvedClosure, faces: readonly SizedFace[]): BoardPlan[];
  solve(params: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure;
}

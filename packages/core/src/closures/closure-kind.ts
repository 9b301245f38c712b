import type { BodyInputs, SizedBody } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { FindingCode } from '../errors/finding.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';

export interface ClosureInputs extends BodyInputs {
  hardware: readonly Hardware[];
  /** `closure`, or `parts/…`: where its pieces and marks are named. */
  id: string;
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
  /** What of it lies loose on the base, beneath the contents, mm. */
  onBase?(inputs: ClosureInputs): Derived;
  /** What it shows between the two edges that it closes, mm. */
  exposes?(params: Params, inputs: ClosureInputs): Derived;
  solve(params: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure;
}

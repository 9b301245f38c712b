import type { BodyInputs, SizedBody } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { Contribution } from '../pieces/contribution.ts';
import type { HouseRuleId } from '../shelves/rules/house-rules.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';

export interface ClosureInputs extends BodyInputs {
  hardware: readonly Hardware[];
}
export interface SolvedClosure {
  sizes: Record<string, Derived>;
  contribution: Contribution;
}

/** A way to close the body. */
export interface ClosureKind {
  readonly title: string;
  readonly params: Record<string, ParamSpec>;
  /** The house rules that size it besides its own parameters. */
  readonly rules: readonly HouseRuleId[];
  solve(params: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure;
}

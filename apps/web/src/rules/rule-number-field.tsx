import type { LengthRule, NumberRule } from '@zindle/core';
import { LengthField } from '../ui/length-field.tsx';
import { NumberField } from '../ui/number-field.tsx';

interface Props {
  rule: LengthRule | NumberRule;
  /** What is in force: mm of a length, else in the unit of the rule. */
  value: number;
  onValue(value: number): void;
}

/** A house rule that is measured: a length in the maker's unit, or a number in its own. */
export function RuleNumberField({ rule, value, onValue }: Props) {
  const field = { label: rule.title, value, least: rule.least, most: rule.most, hint: rule.why };
  return rule.kind === 'length' ? (
    <LengthField {...field} onLength={onValue} />
  ) : (
    <NumberField {...field} unit={rule.unit} onNumber={onValue} />
  );
}

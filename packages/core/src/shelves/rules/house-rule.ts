import { inInches } from '../../units/in-inches.ts';

/** Rules that belong together, in the order in which they are shown. */
export const ruleGroups = [
  'ease',
  'edges',
  'pockets',
  'leaves',
  'closures',
  'cases',
  'carrying',
  'stitches',
  'time',
] as const;
export type RuleGroup = (typeof ruleGroups)[number];

interface CommonToRules {
  /** Under which a setting of it is stored. */
  id: string;
  group: RuleGroup;
  title: string;
  why: string;
}
/** A length that the maker can change for all her designs, or for one. Common practice unless it says otherwise. */
export interface LengthRule extends CommonToRules {
  kind: 'length';
  /** mm */
  standard: number;
  least: number;
  most: number;
}
/** A choice that the maker can change for all her designs, or for one. */
export interface ChoiceRule<T extends string = string> extends CommonToRules {
  kind: 'choice';
  standard: T;
  choices: readonly T[];
}
/** A number that no unit of a design changes: set on the dial of a machine, or read from a clock. */
export interface NumberRule extends CommonToRules {
  kind: 'number';
  /** What it counts: `mm` on a dial, minutes each, minutes a metre or a square metre, or nothing. */
  unit: 'mm' | 'min' | 'min/m' | 'min/m²' | '';
  standard: number;
  least: number;
  most: number;
}
export type HouseRule = LengthRule | ChoiceRule | NumberRule;
/** What a length is by a rule if nobody has set it, mm.
 * @param inched of a design that is made on a grid in inches: a fraction of those */
export function standardOf({ standard, least, most }: LengthRule, inched: boolean): number {
  if (!inched) return standard;
  const inches = inInches(standard);
  return inches >= least && inches <= most ? inches : standard;
}

/** House rules by id. */
export type RuleTable = Readonly<Record<string, HouseRule>>;
/** What a maker has set otherwise, by id: lengths in mm, or one of the choices. */
export type RuleSettings = Readonly<Record<string, number | string>>;

/** A house rule that is a length, mm. */
export const lengthRule = (
  id: string,
  group: RuleGroup,
  title: string,
  standard: number,
  least: number,
  most: number,
  why: string,
): LengthRule => ({ kind: 'length', id, group, title, standard, least, most, why });

/** A house rule that is a number. */
export const numberRule = (rule: Omit<NumberRule, 'kind'>): NumberRule => ({ kind: 'number', ...rule });

/** What may stand for a rule, such as “3 to 20 mm”. */
export function mayBe(rule: HouseRule): string {
  if (rule.kind === 'choice') return rule.choices.join(', ');
  const unit = rule.kind === 'length' ? 'mm' : rule.unit;
  return `${rule.least} to ${rule.most}${unit && ` ${unit}`}`;
}

/** A house rule that is a choice. */
export const choiceRule = <T extends string>(rule: Omit<ChoiceRule<T>, 'kind'>): ChoiceRule<T> => ({
  kind: 'choice',
  ...rule,
});

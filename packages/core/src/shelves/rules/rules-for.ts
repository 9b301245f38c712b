import { lower } from '../../errors/first-letter.ts';
import { given, type Derived } from '../../derived/derived.ts';
import { isInches, type GridId } from '../../units/grid.ts';
import {
  standardOf,
  type ChoiceRule,
  type HouseRule,
  type LengthRule,
  type NumberRule,
  type RuleSettings,
  type RuleTable,
} from './house-rule.ts';

/** House rules with a design's own settings over them, ready for sums. */
export interface Rules {
  /** A rule's length as a number that says where it comes from, mm. */
  length(rule: LengthRule): Derived;
  /** A rule's number, in its unit. */
  number(rule: NumberRule): Derived;
  /** What is chosen by a rule. */
  choice<T extends string>(rule: ChoiceRule<T>): T;
}

/** Lays a design's settings over the maker's, and those over the standard ones; settings out of range are left aside.
 * @param grid of the design: those in inches have standards of their own; default in mm */
export function rulesFor(shelf: RuleSettings, design: RuleSettings, grid: GridId = '0.5mm'): Rules {
  const cache = new Map<string, Derived>();
  const make = (rule: LengthRule | NumberRule): Derived => {
    const [label, path] = [lower(rule.title), `rules/${rule.id}`];
    const unit = rule.kind === 'length' ? 'mm' : unitOf[rule.unit];
    const own = settingOf(rule, design);
    if (own !== undefined) return given(label, own, { kind: 'document', path }, unit);
    const standard = rule.kind === 'length' ? standardOf(rule, isInches(grid)) : rule.standard;
    return given(label, settingOf(rule, shelf) ?? standard, { kind: 'houseRule', path }, unit);
  };
  const known = (rule: LengthRule | NumberRule): Derived => {
    const found = cache.get(rule.id) ?? make(rule);
    cache.set(rule.id, found);
    return found;
  };
  return {
    length: known,
    number: known,
    choice: (rule) => choiceSetting(rule, design) ?? choiceSetting(rule, shelf) ?? rule.standard,
  };
}

const unitOf = { mm: 'mm', min: 'min', 'min/m': 'min', 'min/m²': 'min', '': 'ratio' } as const;

function settingOf({ id, least, most }: LengthRule | NumberRule, settings: RuleSettings): number | undefined {
  const value = settings[id];
  return typeof value === 'number' && value >= least && value <= most ? value : undefined;
}

const choiceSetting = <T extends string>({ id, choices }: ChoiceRule<T>, settings: RuleSettings): T | undefined =>
  choices.find((choice) => choice === settings[id]);

const usable = (rule: HouseRule, settings: RuleSettings): boolean =>
  (rule.kind === 'choice' ? choiceSetting(rule, settings) : settingOf(rule, settings)) !== undefined;

/** A rule by its id, if there is one. */
export const ruleOf = (table: RuleTable, id: string): HouseRule | undefined =>
  Object.hasOwn(table, id) ? table[id] : undefined;

/** The settings that cannot be used, each with its rule if there is one. */
export const settingsOutOfRange = (
  settings: RuleSettings,
  table: RuleTable,
): { id: string; value: number | string; rule: HouseRule | undefined }[] =>
  Object.entries(settings).flatMap(([id, value]) => {
    const rule = ruleOf(table, id);
    return rule && usable(rule, settings) ? [] : [{ id, value, rule }];
  });

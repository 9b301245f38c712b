import { lower } from '../../errors/first-letter.ts';
import { given, type Derived } from '../../derived/derived.ts';
import type { FoldSchool } from '../../sizing/fold-over.ts';
import type { ShoulderSchool } from '../../sizing/flap.ts';
import {
  houseRules,
  isHouseRule,
  type ChoiceRuleId,
  type LengthRuleId,
  type LiningSchool,
  type RuleSettings,
} from './house-rules.ts';

/** House rules with a design's own settings over them, ready for sums. */
export interface Rules {
  /** A rule's length as a number that says where it comes from, mm. */
  length(id: LengthRuleId): Derived;
  foldSchool: FoldSchool;
  tabSchool: ShoulderSchool;
  liningSchool: LiningSchool;
}

/** Lays a design's settings over the maker's, and those over the standard ones; settings out of range are left aside. */
export function rulesFor(shelf: RuleSettings, design: RuleSettings): Rules {
  const cache = new Map<LengthRuleId, Derived>();
  const make = (id: LengthRuleId): Derived => {
    const { title, standard } = houseRules[id];
    const label = lower(title);
    const own = lengthSetting(id, design);
    if (own !== undefined) return given(label, own, { kind: 'document', path: `rules/${id}` });
    const value = lengthSetting(id, shelf) ?? standard;
    return given(label, value, { kind: 'houseRule', path: `rules/${id}` });
  };
  const choice = <T extends string>(id: ChoiceRuleId) =>
    (choiceSetting(id, design) ?? choiceSetting(id, shelf) ?? houseRules[id].standard) as T;
  return {
    length(id) {
      const known = cache.get(id) ?? make(id);
      cache.set(id, known);
      return known;
    },
    foldSchool: choice('fold.school'),
    tabSchool: choice('tab.school'),
    liningSchool: choice('lining.school'),
  };
}

function lengthSetting(id: LengthRuleId, settings: RuleSettings): number | undefined {
  const { least, most } = houseRules[id];
  const value = settings[id];
  return typeof value === 'number' && value >= least && value <= most ? value : undefined;
}

function choiceSetting(id: ChoiceRuleId, settings: RuleSettings): string | undefined {
  const choices: readonly string[] = houseRules[id].choices;
  return choices.find((choice) => choice === settings[id]);
}

const usable = (id: string, settings: RuleSettings): boolean => {
  if (!isHouseRule(id)) return false;
  const setting =
    houseRules[id].kind === 'length'
      ? lengthSetting(id as LengthRuleId, settings)
      : choiceSetting(id as ChoiceRuleId, settings);
  return setting !== undefined;
};

/** The settings that cannot be used, each with its range. */
export const settingsOutOfRange = (settings: RuleSettings): { id: string; value: number | string }[] =>
  Object.entries(settings).flatMap(([id, value]) => (usable(id, settings) ? [] : [{ id, value }]));

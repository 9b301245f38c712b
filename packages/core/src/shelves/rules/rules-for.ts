import { given, type Derived } from '../../derived/derived.ts';
import type { FoldSchool } from '../../sizing/fold-over.ts';
import type { ShoulderSchool } from '../../sizing/flap.ts';
import { houseRules, type LengthRuleId, type RuleSettings } from './house-rules.ts';

/** House rules with a design's own settings over them, ready for sums. */
export interface Rules {
  /** A rule's length as a number that says where it comes from, mm. */
  length(id: LengthRuleId): Derived;
  foldSchool: FoldSchool;
  tabSchool: ShoulderSchool;
}

/** Lays a design's settings over the maker's, and those over the standard ones.
 * Settings out of range are left aside here; `checkRules` names them. */
export function rulesFor(shelf: RuleSettings, design: RuleSettings): Rules {
  const cache = new Map<LengthRuleId, Derived>();
  const make = (id: LengthRuleId): Derived => {
    const { title, standard } = houseRules[id];
    const label = title.charAt(0).toLowerCase() + title.slice(1);
    const own = lengthSetting(id, design);
    if (own !== undefined) return given(label, own, { kind: 'document', path: `rules/${id}` });
    const value = lengthSetting(id, shelf) ?? standard;
    return given(label, value, { kind: 'houseRule', path: `rules/${id}` });
  };
  return {
    length(id) {
      const known = cache.get(id) ?? make(id);
      cache.set(id, known);
      return known;
    },
    foldSchool: choiceSetting('fold.school', design) ?? choiceSetting('fold.school', shelf) ?? 'rounded',
    tabSchool: choiceSetting('tab.school', design) ?? choiceSetting('tab.school', shelf) ?? 'rounded',
  };
}

function lengthSetting(id: LengthRuleId, settings: RuleSettings): number | undefined {
  const { least, most } = houseRules[id];
  const value = settings[id];
  return typeof value === 'number' && value >= least && value <= most ? value : undefined;
}

function choiceSetting(id: 'fold.school' | 'tab.school', settings: RuleSettings): FoldSchool | undefined {
  const value = settings[id];
  return houseRules[id].choices.find((choice) => choice === value);
}

/** The settings that cannot be used, each with its range. */
export function settingsOutOfRange(settings: RuleSettings): { id: string; value: number | string }[] {
  return Object.entries(settings).flatMap(([id, value]) => {
    const rule = Object.hasOwn(houseRules, id) ? houseRules[id as keyof typeof houseRules] : undefined;
    const usable =
      rule?.kind === 'length'
        ? lengthSetting(id as LengthRuleId, settings) !== undefined
        : rule?.kind === 'choice' && choiceSetting(id as 'fold.school', settings) !== undefined;
    return usable ? [] : [{ id, value }];
  });
}

import type { BodyInputs } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { Params, Role } from '../document/design-document.ts';
import type { HeldContents, MeasuredHolder } from '../holders/holder-kind.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';

/** Holders as they were measured last, each with all it looked at: it is measured again only when something of that has
 * changed. One memo serves one design being worked on. */
export interface SolveMemo {
  holders: Map<string, Remembered>;
  /** How often a holder was measured, and how often it was taken as remembered. */
  measured: number;
  reused: number;
  /** Rules and layers by name: a number that has not changed stays the same object, so that it is told once. */
  numbers: Map<string, Derived>;
}

export const solveMemo = (): SolveMemo => ({ holders: new Map(), measured: 0, reused: 0, numbers: new Map() });

interface Remembered {
  kind: string;
  key: string;
  looked: Look[];
  holder: MeasuredHolder;
}

/** One number or choice that a holder looked at, and a way to look again. */
interface Look {
  was: Derived | string;
  again(inputs: BodyInputs): Derived | string;
  /** Made anew at every look, so that only its value can be compared. */
  anew?: boolean;
}

const unchanged = ({ was, again, anew }: Look, inputs: BodyInputs): boolean => {
  const now = again(inputs);
  return anew ? same(was, now) : was === now;
};

interface Asked {
  id: string;
  kind: string;
  params: Params;
  contents: HeldContents[];
  /** What it is sewn onto. */
  on?: string | undefined;
}

/** The holder as remembered, or measured afresh while watching what it looks at.
 * @param measure what measures it, given the inputs it may look at */
export function remembered(
  memo: SolveMemo,
  { id, kind, params, contents, on }: Asked,
  inputs: BodyInputs,
  measure: (watched: BodyInputs) => MeasuredHolder,
): MeasuredHolder {
  const key = JSON.stringify([params, contents, inputs.grid, on]);
  const known = memo.holders.get(id);
  if (known && known.kind === kind && known.key === key && known.looked.every((look) => unchanged(look, inputs))) {
    memo.reused++;
    return known.holder;
  }
  const looked: Look[] = [];
  const holder = measure(watching(inputs, looked));
  memo.holders.set(id, { kind, key, looked, holder });
  memo.measured++;
  return holder;
}

/** The inputs with every number that has not changed since the last solve being the object it was then. */
export function steady<Inputs extends BodyInputs>(memo: SolveMemo, inputs: Inputs): Inputs {
  const keep = (name: string, now: Derived): Derived => {
    const before = memo.numbers.get(name);
    if (before && same(before, now)) return before;
    memo.numbers.set(name, now);
    return now;
  };
  // all are made of the same layers: they are kept together, or none is
  const [stacks, reach] = [{ ...inputs.stacks }, { ...inputs.reach }];
  for (const role of Object.keys(stacks) as Role[]) {
    const [ofStack, ofReach] = [memo.numbers.get(`stacks/${role}`), memo.numbers.get(`reach/${role}`)];
    if (ofStack && ofReach && same(ofStack, stacks[role]) && same(ofReach, reach[role])) {
      [stacks[role], reach[role]] = [ofStack, ofReach];
      if (role === 'exterior') reach.outside = memo.numbers.get('reach/outside') ?? reach.outside;
      if (role === 'pocket') reach.onPocket = keep('reach/onPocket', reach.onPocket);
      if (role === 'mesh') reach.meshStretch = keep('reach/meshStretch', reach.meshStretch);
      continue;
    }
    if (role === 'exterior') memo.numbers.set('reach/outside', reach.outside);
    memo.numbers.set(`stacks/${role}`, stacks[role]);
    memo.numbers.set(`reach/${role}`, reach[role]);
  }
  const ofPieces = Object.entries(inputs.cutStacks ?? {}) as [Role, Derived][];
  const cutStacks = Object.fromEntries(
    ofPieces.map(([role, now]) => [role, same(stacks[role], now) ? stacks[role] : keep(`cutStacks/${role}`, now)]),
  ) as BodyInputs['stacks'];
  const rules: Rules = { ...inputs.rules, length: (rule) => keep(`rules/${rule.id}`, inputs.rules.length(rule)) };
  return { ...inputs, stacks, ...(inputs.cutStacks && { cutStacks }), reach, rules };
}

/** The same inputs, writing down every look. */
function watching(inputs: BodyInputs, looked: Look[]): BodyInputs {
  const note = <T extends Derived | string>(again: (from: BodyInputs) => T, anew = false): T => {
    const was = again(inputs);
    looked.push({ was, again, anew });
    return was;
  };
  const rules: Rules = {
    length: (rule) => note(({ rules: from }) => from.length(rule)),
    number: (rule) => note(({ rules: from }) => from.number(rule)),
    choice: (rule) => note(({ rules: from }) => from.choice(rule)),
  };
  const watched = (name: 'stacks' | 'reach') =>
    Object.defineProperties(
      {},
      Object.fromEntries(
        Object.keys(inputs[name]).map((role) => [
          role,
          { enumerable: true, get: () => note((from) => (from[name] as Record<string, Derived>)[role]!) },
        ]),
      ),
    );
  // seldom otherwise, so every holder is taken to look at it
  note(({ hardware }) => JSON.stringify(hardware ?? []));
  return {
    ...inputs,
    rules,
    stacks: watched('stacks') as BodyInputs['stacks'],
    reach: watched('reach') as BodyInputs['reach'],
    pin: (path, size) => note((from) => from.pin(path, size), true),
  };
}

/** Whether two numbers are the same for a reader: value, name, and where they come from. */
function same(a: Derived | string, b: Derived | string): boolean {
  if (a === b) return true;
  if (typeof a === 'string' || typeof b === 'string') return false;
  if (a.value !== b.value || a.label !== b.label || a.op !== b.op) return false;
  if (a.origin?.kind !== b.origin?.kind || a.origin?.path !== b.origin?.path) return false;
  return (
    a.inputs.length === b.inputs.length &&
    a.inputs.every(({ times, from }, index) => {
      const other = b.inputs[index]!;
      return times === other.times && same(from, other.from);
    })
  );
}

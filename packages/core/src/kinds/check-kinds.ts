import type { BodyKind } from '../bodies/body-kind.ts';
import { CoreError } from '../errors/core-error.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { rangeOf } from '../holders/params.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';
import { allRules } from './house-rules.ts';
import type { Kinds } from './kind-set.ts';

/** Families that say what cannot be are found when the program starts, not when a maker meets them.
 * @returns the same kinds
 * @throws CoreError `kinds.contradiction` with the name of the family and what is wrong with it */
export function checkedKinds(kinds: Kinds): Kinds {
  const { bodies, holders, closures, parts } = kinds;
  for (const [id, body] of Object.entries(bodies)) checkBody(sayer(`body ${id}`), body, kinds);
  const seats = new Set(Object.values(bodies).flatMap(({ faces }) => faces({}).map(({ seat }) => seat)));
  for (const [id, holder] of Object.entries(holders)) {
    const say = sayer(`holder ${id}`);
    common(say, holder);
    if (!holder.seats.some((seat) => seats.has(seat)))
      say(`sits where no body has a seat: ${holder.seats.join(', ') || 'nowhere'}`);
  }
  for (const [id, closure] of Object.entries(closures)) common(sayer(`closure ${id}`), closure);
  for (const [id, part] of Object.entries(parts)) common(sayer(`part ${id}`), part);
  checkRules(kinds);
  return kinds;
}

function checkBody(say: Say, body: BodyKind, { closures, parts }: Kinds): void {
  common(say, body);
  if (body.closures.length === 0) say('names no closure; one that lies open names “none”');
  for (const id of body.closures) if (!Object.hasOwn(closures, id)) say(`names a closure that there is not: ${id}`);
  for (const id of body.parts ?? []) if (!Object.hasOwn(parts, id)) say(`names a part that there is not: ${id}`);
  const faces = body.faces({}).map(({ id }) => id);
  if (faces.length === 0) say('has no face to put things on');
  if (new Set(faces).size < faces.length) say('has two faces of one id');
}

type Say = (what: string) => never;
const sayer =
  (family: string): Say =>
  (what) => {
    throw new CoreError('kinds.contradiction', `The ${family} ${what}.`, family);
  };

interface Common {
  title: string;
  params: Readonly<Record<string, ParamSpec>>;
}

function common(say: Say, { title, params }: Common): void {
  if (!/\S/.test(title)) say('has no title');
  for (const [key, spec] of Object.entries(params)) {
    if (!/\S/.test(spec.title)) say(`has a setting without a title: ${key}`);
    const wrong = wrongIn(spec);
    if (wrong) say(`has a setting “${key}” ${wrong}`);
  }
}

function wrongIn(spec: ParamSpec): string | undefined {
  if (spec.kind === 'flag') return undefined;
  if (spec.kind === 'choice') {
    const ids = spec.choices.map(({ id }) => id);
    if (new Set(ids).size < ids.length) return 'with one choice twice';
    return ids.includes(spec.standard) ? undefined : `whose standard is none of its choices: ${spec.standard}`;
  }
  if (spec.kind === 'count') {
    const within = spec.least <= spec.standard && spec.standard <= spec.most;
    return within ? undefined : `whose standard is out of its range: ${spec.standard}`;
  }
  const [own, { least, most }] = [rangeOf(spec), spec.rule];
  const within = least <= own.least && own.least <= own.most && own.most <= most;
  return within ? undefined : `whose range is not within that of its rule: ${own.least} to ${own.most}`;
}

/** A rule means one thing, whoever asks for it. */
function checkRules(kinds: Kinds): void {
  const table = new Map<string, HouseRule>();
  for (const rule of allRules(kinds)) {
    const say = sayer(`house rule ${rule.id}`);
    const known = table.get(rule.id);
    if (known && known !== rule) say('is there twice and means two things');
    table.set(rule.id, rule);
    if (!/\S/.test(rule.title)) say('has no title');
    const inRange =
      rule.kind === 'choice'
        ? rule.choices.includes(rule.standard)
        : rule.least <= rule.standard && rule.standard <= rule.most;
    if (!inRange) say(`has a standard out of its range: ${rule.standard}`);
  }
}

import { Type, type ClassConstructor } from 'class-transformer';
import { ValidateBy, ValidateIf, ValidateNested } from 'class-validator';
import { JSONSchema } from 'class-validator-jsonschema';
import { sharePolicies, type Arrangement } from '../design-document.ts';
import { crosses } from '../../geometry/crosses.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { smallestBox } from '../../geometry/smallest-box.ts';
import { limits } from '../limits.ts';

/** A field that may be left out. Nothing else than leaving it out is meant by that: `null` is a value, and a wrong one. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** A property check with its message and its JSON Schema. */
function check(
  name: string,
  validate: (value: unknown) => boolean,
  message: string,
  schema: object,
): PropertyDecorator {
  const validator = ValidateBy({ name, validator: { validate, defaultMessage: () => message } });
  const described = JSONSchema(schema as Parameters<typeof JSONSchema>[0]);
  return (target, key) => {
    validator(target, key as string);
    described(target, key as string);
  };
}

/** Text with something to read in it, and no control characters. */
export const IsTidyText = (most: number): PropertyDecorator =>
  check(
    'tidyText',
    (value) => typeof value === 'string' && value.trim() !== '' && value.length <= most && !/\p{Cc}/u.test(value),
    `$property must be 1 to ${most} letters on one line`,
    { type: 'string', minLength: 1, maxLength: most },
  );

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A list of so many objects at most, each checked as one of its class. An array among them is no object. */
export function IsRecords(schema: () => ClassConstructor<object>, most: number): PropertyDecorator {
  const list = check(
    'records',
    (value) => Array.isArray(value) && value.length <= most && value.every(isRecord),
    `$property must be a list of at most ${most} objects`,
    { type: 'array', maxItems: most },
  );
  const [each, made] = [ValidateNested({ each: true }), Type(schema)];
  return (target, key) => {
    list(target, key);
    each(target, key);
    made(target, key);
  };
}

const isParam = (value: unknown): boolean =>
  typeof value === 'boolean' ||
  (typeof value === 'string' && value.length <= limits.word) ||
  (typeof value === 'number' && Math.abs(value) <= limits.number);
const isName = (key: string): boolean => key.length > 0 && key.length <= limits.word;

/** Settings by name: numbers, words, yes or no. */
export const IsParams = (): PropertyDecorator =>
  check(
    'params',
    (value) =>
      isRecord(value) &&
      Object.keys(value).length <= limits.settings &&
      Object.keys(value).every(isName) &&
      Object.values(value).every(isParam),
    `$property must be at most ${limits.settings} settings by name`,
    {
      type: 'object',
      maxProperties: limits.settings,
      additionalProperties: { oneOf: [{ type: 'number' }, { type: 'string' }, { type: 'boolean' }] },
    },
  );

const isId = (value: unknown): boolean => typeof value === 'string' && /^[\w-]{1,60}$/.test(value);

/** Ids by id. */
export const IsIdMap = (): PropertyDecorator =>
  check(
    'idMap',
    (value) =>
      isRecord(value) &&
      Object.keys(value).length <= limits.lines &&
      Object.keys(value).every(isId) &&
      Object.values(value).every(isId),
    '$property must be ids by id',
    { type: 'object', additionalProperties: { type: 'string' } },
  );

/** Lengths of a range by the edge that they are of, mm. */
export const IsEdgeLengths = ({ least, most }: { least: number; most: number }): PropertyDecorator =>
  check(
    'edgeLengths',
    (value) =>
      isRecord(value) &&
      Object.keys(value).length <= limits.ownEdges &&
      Object.keys(value).every(isName) &&
      Object.values(value).every((each) => typeof each === 'number' && each >= least && each <= most),
    `$property must be lengths by edge, each ${least} to ${most}`,
    { type: 'object', additionalProperties: { type: 'number', minimum: least, maximum: most } },
  );

const isSize = (value: unknown): boolean =>
  typeof value === 'number' && value >= limits.size.least && value <= limits.pinned.most;

/** Lengths by path, mm. */
export const IsSizes = (): PropertyDecorator =>
  check(
    'sizes',
    (value) =>
      isRecord(value) &&
      Object.keys(value).length <= limits.lines &&
      Object.keys(value).every(isName) &&
      Object.values(value).every(isSize),
    `$property must be lengths by path, each ${limits.size.least} to ${limits.pinned.most}`,
    {
      type: 'object',
      additionalProperties: { type: 'number', minimum: limits.size.least, maximum: limits.pinned.most },
    },
  );

const isPoint = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length === 2 &&
  value.every((place) => typeof place === 'number' && Math.abs(place) <= limits.size.most);

/** Narrower than a share of its length, a line round a thing is no line round anything. */
const FLAT = 1e-3;

/** A line that goes once round something: it has a width, and does not cross itself. */
function goesRound(points: Point[]): boolean {
  const box = smallestBox(points);
  return box !== undefined && box.short > FLAT * box.long && !crosses(points);
}

/** A closed polygon of three points or more, mm. */
export const IsPolygon = (): PropertyDecorator =>
  check(
    'polygon',
    (value) =>
      Array.isArray(value) &&
      value.length >= 3 &&
      value.length <= limits.points &&
      value.every(isPoint) &&
      goesRound(value as Point[]),
    `$property must be 3 to ${limits.points} points, each two lengths, that go once round it: not flat, and not across themselves`,
    {
      type: 'array',
      minItems: 3,
      maxItems: limits.points,
      items: { type: 'array', minItems: 2, maxItems: 2, items: { type: 'number' } },
    },
  );

function isArrangement(value: unknown, depth = 0): value is Arrangement {
  if (!isRecord(value) || depth > limits.nested) return false;
  if (value.kind === 'holder') return typeof value.id === 'string' && isName(value.id);
  const { kind, children } = value;
  const isGroup = kind === 'row' || kind === 'column';
  const nested =
    Array.isArray(children) &&
    children.length <= limits.lines &&
    children.every((child) => isArrangement(child, depth + 1));
  return isGroup && nested && isShared(value);
}

const nodesIn = (arrangement: Arrangement): number =>
  arrangement.kind === 'holder' ? 1 : arrangement.children.reduce((sum, child) => sum + nodesIn(child), 1);

const isPart = (part: unknown): boolean => typeof part === 'number' && part >= 0 && part <= limits.pinned.most;

/** The gap of a group, and who takes what is left over. */
function isShared({ gap, share, taker, parts }: Record<string, unknown>): boolean {
  const sized = typeof gap === 'number' && gap >= limits.gap.least && gap <= limits.gap.most;
  const taken = taker === undefined || (typeof taker === 'number' && Number.isInteger(taker) && taker >= 0);
  const parted = parts === undefined || (Array.isArray(parts) && parts.length <= limits.lines && parts.every(isPart));
  return sized && taken && parted && sharePolicies.some((policy) => policy === share);
}

/** What lies on each face, by face id: a holder, or rows and columns of them. */
export const IsArrangements = (): PropertyDecorator =>
  check(
    'arrangements',
    (value) =>
      isRecord(value) &&
      Object.keys(value).length <= limits.lines &&
      Object.keys(value).every(isName) &&
      Object.values(value).every((each) => isArrangement(each) && nodesIn(each) <= limits.arranged),
    '$property must be rows, columns and holders by face',
    { type: 'object', additionalProperties: { type: 'object', required: ['kind'] } },
  );

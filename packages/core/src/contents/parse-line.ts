import { capital } from '../errors/first-letter.ts';
import { limits } from '../document/limits.ts';
import type { Item } from '../shelves/items/item.ts';
import { formatLength } from '../units/format-length.ts';
import type { LengthUnit } from '../units/length.ts';
import { parseLength } from '../units/parse-length.ts';

/** A line of contents as typed: an item of the shelf, or a new thing with its own sizes. */
export type ParsedLine =
  | { ok: true; count: number; name: string; item: Item; isNew: boolean }
  | { ok: false; code: LineCode; message: string };
export type LineCode = 'empty' | 'count' | 'size' | 'unknown' | 'thickness' | 'name';

class Refusal extends Error {
  readonly code: LineCode;
  constructor(code: LineCode, message: string) {
    super(message);
    this.code = code;
  }
}

/** Words that stand for an item of the shelf. */
const aliases: [RegExp, string][] = [
  [/^(bus|tram|ferry|travel) ?cards?$/, 'bus-card'],
  [/^(shore )?permits?$/, 'permit'],
  [/^((bank|credit|id|member'?s?|tally|key) ?)?cards?$/, 'id1-card'],
  [/^(bank ?)?(notes?|bills?)$|^.* (notes?|money|cash)$|^money$|^cash$/, 'note-50'],
  [/^passports?$/, 'passport'],
  [/^(hand )?lens(es)?$/, 'hand-lens'],
  [/^sd( cards?)?$/, 'sd-card'],
  [/^receipts?$/, 'receipt'],
  [/^booklets?$/, 'a6-booklet'],
  [/^aa( cells?| batter(y|ies))?$/, 'aa-cell'],
];

const length = String.raw`(?:\d+(?:[ -]\d+\/\d+)|\d+\/\d+|\d+(?:[.,]\d+)?)\s*(?:mm|cm|inches|inch|in|"|″)?`;
const sizePattern = new RegExp(String.raw`(?<![\w.,/])-?${length}(?:\s*[x×*]\s*-?${length}){1,2}(?![\w.,/])`, 'i');

/** What may stand behind the sizes: `vials 16 x 95 round`. */
type ShapeWord = 'round' | 'soft' | 'book' | 'card';
const shapeWord = /^\s*(round|soft|book|card)\b/i;

/** Reads a line such as `3 cards`, `bus card x2`, `notes 140 x 77`, `book 148 x 105 x 14`, `6 vials 16x95 round`: of what is
 * round the first number is the diameter.
 * @param unit the unit of bare numbers
 * @param items the shelf to look names up on; a new thing's id is made by `makeId` */
export function parseLine(
  text: string,
  { unit, items, makeId }: { unit: LengthUnit; items: readonly Item[]; makeId: () => string },
): ParsedLine {
  try {
    // a name that is known may have numbers in it
    const whole = named(text.trim(), items);
    if (whole) return { ok: true, count: 1, name: whole.name, item: whole, isNew: false };
    const { rest: withoutCount, count } = takeCount(text.trim());
    const several = named(withoutCount.trim(), items);
    if (several) return { ok: true, count, name: several.name, item: several, isNew: false };
    const { rest, sides, shape } = takeSizes(withoutCount, unit);
    const name = rest.replace(/\s+/g, ' ').trim();
    if (!name && sides.length === 0)
      throw new Refusal('empty', 'Write what it must hold, like “3 cards” or “notes 140 x 77”.');
    if (!name) throw new Refusal('name', 'Give the thing a name before its size, like “map 140 x 77 x 1”.');
    if (name.length > limits.nameLength)
      throw new Refusal('name', `The name is longer than ${limits.nameLength} letters. Shorten it.`);
    const known = itemNamed(name, items);
    if (sides.length === 0) return { ok: true, count, name: capital(name), item: existing(name, known), isNew: false };
    const item = shape === 'round' ? roundItem(name, sides, makeId) : newItem(name, sides, { known, shape }, makeId);
    return { ok: true, count, name: capital(name), item, isNew: true };
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, code: error.code, message: error.message };
    throw error;
  }
}

function takeCount(text: string): { rest: string; count: number } {
  const before =
    /^(-?\d+(?:[.,]\d+)?)\s*(?:[x×]\s*)?(?=[^\W\d_]{2,}|[^\W\d_]\s)(?!(?:mm|cm|in|inch|inches)\b|[x×]\s*-?\d)/i.exec(
      text,
    );
  const after = /\s[x×](-?\d+(?:[.,]\d+)?)$/i.exec(text) ?? /^\D*[^\d\s]\s+[x×]\s*(-?\d+(?:[.,]\d+)?)$/i.exec(text);
  const found = before ?? after;
  if (!found) return { rest: text, count: 1 };
  const count = Number(found[1]!.replace(',', '.'));
  const { least, most } = limits.count;
  if (!Number.isInteger(count) || count < least || count > most)
    throw new Refusal(
      'count',
      `${found[1]} of a thing cannot be planned: use a whole number from ${least} to ${most}.`,
    );
  const rest = before ? text.slice(before[0].length) : text.replace(/\s*[x×]\s*-?\d+(?:[.,]\d+)?$/i, '');
  return { rest, count };
}

function takeSizes(text: string, unit: LengthUnit): { rest: string; sides: number[]; shape?: ShapeWord } {
  const found = sizePattern.exec(text);
  if (!found) {
    const stray = /-?\d[\d.,/]*/.exec(text);
    if (stray && !/^\D*\b[a-z]+-?\d+\b/i.test(text))
      throw new Refusal(
        'size',
        `“${stray[0]}” alone is no size. Write two or three sides, like 140 x 77 or 148 x 105 x 14.`,
      );
    return { rest: text, sides: [] };
  }
  const parts = found[0].split(/[x×*]/i).map((part) => part.trim());
  const stated = /(mm|cm|inches|inch|in|"|″)$/i.exec(parts[parts.length - 1]!)?.[0] ?? '';
  const sides = parts.map((part) => readSide(/[a-z"″]$/i.test(part) ? part : part + stated, unit));
  const [before, behind] = [text.slice(0, found.index), text.slice(found.index + found[0].length)];
  const shape = shapeWord.exec(behind)?.[1]?.toLowerCase() as ShapeWord | undefined;
  return { rest: `${before} ${behind.replace(shapeWord, '')}`, sides, ...(shape && { shape }) };
}

function readSide(text: string, unit: LengthUnit): number {
  const parsed = parseLength(text, { unit });
  if (!parsed.ok) throw new Refusal('size', parsed.message);
  const { least, most } = limits.size;
  if (parsed.mm >= least && parsed.mm <= most) return parsed.mm;
  const say = (mm: number) => formatLength(mm, { unit: 'mm', decimals: mm < 1 ? 2 : 0, withUnit: true });
  throw new Refusal('size', `“${text}” cannot be the side of a thing: use ${say(least)} to ${say(most)}.`);
}

/** `Steel probes` and `probe` are the same thing. */
const singular = (name: string): string => name.toLowerCase().replace(/(ch|sh|x)es$|s$/, '$1');
const lastWord = (name: string): string => name.split(' ').pop()!;

const named = (name: string, items: readonly Item[]): Item | undefined => {
  const plain = name.toLowerCase();
  return items.find((item) => item.name.toLowerCase() === plain);
};

/** The item that a maker means by a name: by the name itself, by another usual one, or by its last word. */
export function itemNamed(name: string, items: readonly Item[]): Item | undefined {
  const exact = named(name, items);
  if (exact) return exact;
  const plain = name.toLowerCase();
  const id = aliases.find(([pattern]) => pattern.test(plain))?.[1];
  const thing = singular(plain);
  return items.find((item) =>
    id ? item.id === id : singular(item.name) === thing || singular(lastWord(item.name)) === thing,
  );
}

function existing(name: string, known: Item | undefined): Item {
  if (known) return known;
  throw new Refusal('unknown', `How big is “${name}”? Add its sides, like “${name} 140 x 77 x 1”.`);
}

/** Diameter first: as long as that or longer it is a rod, shorter a disc. */
function roundItem(name: string, [diameter = 0, along = 0, more]: number[], makeId: () => string): Item {
  if (more !== undefined)
    throw new Refusal('size', 'What is round has two sizes: its diameter and its length, like “16 x 95 round”.');
  const rod = along >= diameter;
  return {
    id: makeId(),
    name: capital(name),
    shape: rod ? 'cylinder' : 'disc',
    length: rod ? along : diameter,
    width: diameter,
    thickness: rod ? diameter : along,
    source: 'yours',
  };
}

const byThickness = (thickness: number): Item['shape'] => (thickness <= 3 ? 'card' : 'box');

function newItem(
  name: string,
  sides: number[],
  { known, shape: said }: { known: Item | undefined; shape: Exclude<ShapeWord, 'round'> | undefined },
  makeId: () => string,
): Item {
  const [a = 0, b = 0] = sides;
  const thickness = sides[2] ?? (known?.shape === 'card' ? known.thickness : undefined);
  if (thickness === undefined)
    throw new Refusal('thickness', `How thick is “${name}”? Write all three sides, like 148 x 105 x 14.`);
  const own: Item = {
    id: makeId(),
    name: capital(name),
    shape: said ?? known?.shape ?? byThickness(thickness),
    length: a,
    width: b,
    thickness,
    source: 'yours',
  };
  if (known?.rigid) own.rigid = true;
  if (known?.magnetSensitive) own.magnetSensitive = true;
  return own;
}

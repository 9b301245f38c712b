import Fraction from 'fraction.js';
import { mmPer, type LengthUnit } from './length.ts';

export type ParsedLength = { ok: true; mm: number } | { ok: false; code: ParseCode; message: string };
export type ParseCode = 'empty' | 'notALength' | 'twoNumbers' | 'unfinished' | 'area' | 'divideByZero' | 'tooLong';

class Refusal extends Error {
  readonly code: ParseCode;
  constructor(code: ParseCode, message: string) {
    super(message);
    this.code = code;
  }
}

/** A value on the way: a length in mm, or a plain number that becomes a length in the maker's unit. */
interface Quantity {
  value: Fraction;
  isLength: boolean;
}
type Token = { kind: 'quantity'; quantity: Quantity; text: string } | { kind: 'sign'; sign: string };

const EXAMPLES = 'Write it like 95, 3 3/4, 3-3/4", 9.5cm or 95 + 2*3.';
const units: Record<string, LengthUnit> = {
  mm: 'mm',
  cm: 'cm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
};
const mixed = String.raw`(?:\d+(?:\s+|-)\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)`;
const quantityPattern = new RegExp(String.raw`^(${mixed})\s*(mm|cm|inches|inch|in|"|″|”)?(?![\w.,])`, 'i');

/** Reads a length as a maker writes it: `3 3/4`, `3-3/4"`, `9.5cm`, `9,5 cm`, `95`, `95 + 2*3`.
 *
 * Digits-hyphen-fraction without spaces is a mixed number; subtraction needs spaces round the sign; a bare number
 * takes the maker's unit; two numbers without a sign between them are refused. Signs: `+ - * /` and brackets.
 * @param unit the unit of bare numbers, default mm
 * @returns millimetres, or why the text was refused */
export function parseLength(text: string, { unit = 'mm' }: { unit?: LengthUnit } = {}): ParsedLength {
  try {
    if (text.length > 120) throw new Refusal('tooLong', `That is too long for a length. ${EXAMPLES}`);
    const tokens = tokenize(text);
    if (tokens.length === 0) throw new Refusal('empty', `A length is missing here. ${EXAMPLES}`);
    const sum = readSum(tokens, unit);
    if (tokens.length > 0) throw strayToken(tokens[0]!);
    return { ok: true, mm: asLength(sum, unit).value.valueOf() };
  } catch (error) {
    if (error instanceof Refusal) return { ok: false, code: error.code, message: error.message };
    throw error;
  }
}

const perUnit = (unit: LengthUnit): Fraction => new Fraction(String(mmPer[unit]));
const asLength = ({ value, isLength }: Quantity, unit: LengthUnit): Quantity => ({
  value: isLength ? value : value.mul(perUnit(unit)),
  isLength: true,
});

/** Vulgar fractions (3½) become a mixed number before reading. */
function plain(text: string): string {
  return text
    .replace(/[\u00BC-\u00BE\u2150-\u215E]/g, (sign) => ` ${sign.normalize('NFKC').replace('\u2044', '/')}`)
    .replace(/[\u00A0\u2009\u202F]/g, ' ')
    .replace(/[×·]/g, '*')
    .replace(/\s[−–]\s/g, ' - ')
    .trim();
}

function tokenize(text: string): Token[] {
  const tokens: Token[] = [];
  let rest = plain(text);
  while (rest.length > 0) {
    const found = quantityPattern.exec(rest);
    const minus = rest.startsWith('-');
    if (found) {
      tokens.push({ kind: 'quantity', quantity: readQuantity(found[1]!, found[2]), text: found[0].trim() });
      rest = rest.slice(found[0].length);
      if (/^-\S/.test(rest)) throw new Refusal('unfinished', 'To subtract, put a space on both sides of the minus.');
    } else if ('+*/()'.includes(rest[0]!) || minus) {
      tokens.push({ kind: 'sign', sign: rest[0]! });
      rest = rest.slice(1);
    } else {
      throw new Refusal('notALength', `“${rest.slice(0, 20)}” is not a length. ${EXAMPLES}`);
    }
    rest = rest.trimStart();
  }
  return tokens;
}

function readQuantity(number: string, unitText: string | undefined): Quantity {
  const value = readNumber(number);
  if (!unitText) return { value, isLength: false };
  return { value: value.mul(perUnit(units[unitText.toLowerCase()]!)), isLength: true };
}

function readNumber(text: string): Fraction {
  const parts = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(text);
  if (!parts) return new Fraction(text.replace(',', '.'));
  const [, whole = '0', over, under] = parts;
  if (/^0+$/.test(under!)) throw new Refusal('divideByZero', `“${text}” divides by zero.`);
  return new Fraction(`${over}/${under}`).add(whole);
}

function readSum(tokens: Token[], unit: LengthUnit): Quantity {
  let left = readProduct(tokens, unit);
  for (;;) {
    const sign = takeSign(tokens, '+', '-');
    if (!sign) return left;
    let right = readProduct(tokens, unit);
    // '95 + 2cm': the bare number beside a length takes the maker's unit
    if (left.isLength !== right.isLength) [left, right] = [asLength(left, unit), asLength(right, unit)];
    left = {
      value: sign === '+' ? left.value.add(right.value) : left.value.sub(right.value),
      isLength: left.isLength,
    };
  }
}

const isZero = (quantity: Quantity): boolean => quantity.value.equals(0);

function readProduct(tokens: Token[], unit: LengthUnit): Quantity {
  let left = readFactor(tokens, unit);
  for (;;) {
    const sign = takeSign(tokens, '*', '/');
    if (!sign) return left;
    const right = readFactor(tokens, unit);
    if (right.isLength && (left.isLength || sign === '/'))
      throw new Refusal('area', 'Multiply or divide a length by a plain number only.');
    if (sign === '/' && isZero(right)) throw new Refusal('divideByZero', 'This divides by zero.');
    const value = sign === '*' ? left.value.mul(right.value) : left.value.div(right.value);
    left = { value, isLength: left.isLength || right.isLength };
  }
}

function readFactor(tokens: Token[], unit: LengthUnit): Quantity {
  const token = tokens.shift();
  if (!token) throw new Refusal('unfinished', `The sum stops in the middle. ${EXAMPLES}`);
  if (token.kind === 'quantity') return token.quantity;
  if (token.sign === '-') {
    const { value, isLength } = readFactor(tokens, unit);
    return { value: value.neg(), isLength };
  }
  if (token.sign !== '(') throw strayToken(token);
  const inner = readSum(tokens, unit);
  if (!takeSign(tokens, ')')) throw new Refusal('unfinished', 'A bracket is not closed.');
  return inner;
}

function takeSign(tokens: Token[], ...signs: string[]): string | undefined {
  const next = tokens[0];
  if (next?.kind !== 'sign' || !signs.includes(next.sign)) return undefined;
  tokens.shift();
  return next.sign;
}

function strayToken(token: Token): Refusal {
  if (token.kind === 'sign')
    return new Refusal('unfinished', `“${token.sign}” has nothing to work on here. ${EXAMPLES}`);
  return new Refusal('twoNumbers', `Two numbers stand side by side before “${token.text}”: put a sign between them.`);
}

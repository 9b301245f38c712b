/** A sentence with lengths left as numbers, so that every reader says them in the maker's unit. */
export type Wording = (string | Told)[];

/** A length in a sentence, mm; of a bound, which way it is told so that what is told is not refused. */
export interface Told {
  mm: number;
  toward?: 'up' | 'down';
}

/** Marks a number inside a sentence as a length.
 * @param value mm */
export const mm = (value: number): Told => ({ mm: value });
/** The same of the least that something may be, and of the most. */
export const atLeast = (value: number): Told => ({ mm: value, toward: 'up' });
export const atMost = (value: number): Told => ({ mm: value, toward: 'down' });

/** Template tag: say`Widen the leaf by ${mm(4.2)}.` */
export function say(strings: TemplateStringsArray, ...values: (string | number | Told)[]): Wording {
  const parts: Wording = [];
  strings.forEach((text, index) => {
    if (text) parts.push(text);
    const value = values[index];
    if (value !== undefined) parts.push(typeof value === 'number' ? String(value) : value);
  });
  return parts;
}

/** The sentence as text. */
export const wordingText = (wording: Wording, length: (mm: number, toward?: Told['toward']) => string): string =>
  wording.map((part) => (typeof part === 'string' ? part : length(part.mm, part.toward))).join('');

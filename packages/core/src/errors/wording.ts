/** A sentence with lengths left as numbers, so that every reader says them in the maker's unit. */
export type Wording = (string | { mm: number })[];

/** Marks a number inside a sentence as a length.
 * @param value mm */
export const mm = (value: number): { mm: number } => ({ mm: value });

/** Template tag: say`Widen the leaf by ${mm(4.2)}.` */
export function say(strings: TemplateStringsArray, ...values: (string | number | { mm: number })[]): Wording {
  const parts: Wording = [];
  strings.forEach((text, index) => {
    if (text) parts.push(text);
    const value = values[index];
    if (value !== undefined) parts.push(typeof value === 'number' ? String(value) : value);
  });
  return parts;
}

/** The sentence as text. */
export const wordingText = (wording: Wording, length: (mm: number) => string): string =>
  wording.map((part) => (typeof part === 'string' ? part : length(part.mm))).join('');

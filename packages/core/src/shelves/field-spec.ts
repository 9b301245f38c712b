/** What one column of a shelf holds. Lengths mm; `number` in the unit that it names. */
export type FieldSpec = {
  key: string;
  title: string;
  /** Other names that a table from elsewhere may have for it. */
  aliases?: readonly string[];
  required?: boolean;
  /** A sentence for the one who fills it in. */
  why?: string;
} & FieldKind;

export type FieldKind =
  | { kind: 'text'; most: number }
  | { kind: 'length'; least: number; most: number; /** Of stock, told in metres or yards. */ long?: boolean }
  | { kind: 'number'; unit: string; least: number; most: number; whole?: boolean }
  | { kind: 'flag'; question: string }
  | { kind: 'choice'; choices: readonly string[] }
  | { kind: 'polygon' }
  | { kind: 'lengths'; least: number; most: number; count: number }
  | { kind: 'tint' }
  | { kind: 'tags' };

/** What all entries have. */
export interface ShelfEntry {
  id: string;
  name: string;
  tags?: string[];
}

type More = Partial<Pick<FieldSpec, 'aliases' | 'required' | 'why'>>;

/** The columns of a shelf, by kind. */
export const field = {
  length: (
    key: string,
    title: string,
    least: number,
    most: number,
    more: More & { long?: boolean } = {},
  ): FieldSpec => ({
    key,
    title,
    kind: 'length',
    least,
    most,
    ...more,
  }),
  number: (
    key: string,
    title: string,
    unit: string,
    [least, most]: [number, number],
    more: More & { whole?: boolean } = {},
  ): FieldSpec => ({ key, title, kind: 'number', unit, least, most, ...more }),
  text: (key: string, title: string, most: number, more: More = {}): FieldSpec => ({
    key,
    title,
    kind: 'text',
    most,
    ...more,
  }),
  flag: (key: string, title: string, question: string, more: More = {}): FieldSpec => ({
    key,
    title,
    kind: 'flag',
    question,
    ...more,
  }),
  choice: (key: string, title: string, choices: readonly string[], more: More = {}): FieldSpec => ({
    key,
    title,
    kind: 'choice',
    choices,
    ...more,
  }),
} as const;

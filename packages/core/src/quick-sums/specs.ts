import type { InputSpec } from './quick-sum.ts';

// physical limits of the bench, not advice, mm
export const LONGEST = 10_000;
export const THICKEST = 1_000;

type NumberSpec = Extract<InputSpec, { type: 'number' }>;

/** A measure of the thing itself: there is no sensible default. mm */
export const measure = (title: string, most = LONGEST): NumberSpec => ({
  type: 'number',
  title,
  unit: 'mm',
  least: 0,
  most,
});

/** A length with a default, mm. */
export const withDefault = (title: string, standard: number, most = THICKEST): NumberSpec => ({
  type: 'number',
  title,
  unit: 'mm',
  least: 0,
  most,
  standard,
});

/** A length that may be left out. */
export const optional = (title: string, most = LONGEST): NumberSpec => ({ ...measure(title, most), optional: true });
export const thickness = (title: string): NumberSpec => withDefault(title, 0);
export const seam = (title: string, standard = 6): NumberSpec => withDefault(title, standard);

export const count = (title: string, least: number, most: number, standard: number): NumberSpec => ({
  type: 'number',
  title,
  unit: 'count',
  least,
  most,
  standard,
  whole: true,
});
export const share = (title: string, least: number, most: number, standard: number): NumberSpec => ({
  type: 'number',
  title,
  unit: 'ratio',
  least,
  most,
  standard,
});
export const choice = (title: string, choices: readonly string[]): InputSpec => ({
  type: 'choice',
  title,
  choices,
  standard: choices[0]!,
});
export const list = (title: string, fewest: number, longest: number): InputSpec => ({
  type: 'numbers',
  title,
  unit: 'mm',
  least: 0,
  most: LONGEST,
  fewest,
  longest,
});

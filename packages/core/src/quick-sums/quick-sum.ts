import type { Derived } from '../derived/derived.ts';

/** One input of a quick sum. Lengths mm. */
export type InputSpec =
  | {
      type: 'number';
      title: string;
      unit: 'mm' | 'count' | 'ratio';
      least: number;
      most: number;
      standard?: number;
      whole?: boolean;
      /** May be left out though it has no default. */
      optional?: boolean;
    }
  | { type: 'choice'; title: string; choices: readonly string[]; standard: string }
  | { type: 'numbers'; title: string; unit: 'mm'; least: number; most: number; fewest: number; longest: number }
  | { type: 'points'; title: string; unit: 'mm'; least: number; most: number; fewest: number; longest: number };

/** Inputs after checking: numbers as Derived, so that the answer can explain itself. */
export interface Checked {
  number(name: string): Derived;
  /** A number that may be left out. */
  optional(name: string): Derived | undefined;
  choice<T extends string>(name: string): T;
  numbers(name: string): Derived[];
  points(name: string): [number, number][];
}

export interface FieldError {
  path: string;
  message: string;
}

/** An input that only shows as wrong once others are known. */
export class InputRefused extends Error {
  readonly fields: FieldError[];
  constructor(path: string, message: string) {
    super(message);
    this.fields = [{ path, message }];
  }
}

export type SumResult = Derived | number[] | string[];

/** A rule of the trade that can be asked for by itself. */
export interface QuickSum {
  title: string;
  inputs: Readonly<Record<string, InputSpec>>;
  results: Readonly<Record<string, string>>;
  compute(inputs: Checked): Record<string, SumResult>;
}

import { MM_PER_INCH } from './length.ts';

/** The steps that finished sizes can be rounded to. */
export const gridIds = ['0.5mm', '1mm', '1/32in', '1/16in', '1/8in'] as const;
export type GridId = (typeof gridIds)[number];
/** What a maker's ruler is read to, when pieces are cut by it. */
export const rulerIds = ['1mm', '5mm', '1/16in', '1/8in'] as const;
export type RulerId = (typeof rulerIds)[number];
/** Any step that a length can lie on. */
export type StepId = GridId | RulerId;
export type RoundingDirection = 'up' | 'down' | 'nearest';

/** Steps per whole unit, and the unit in millimetres: a step is `unit / perUnit` exactly. */
const grids: Record<StepId, { perUnit: number; unit: number; label: string }> = {
  '0.5mm': { perUnit: 2, unit: 1, label: '0.5 mm' },
  '1mm': { perUnit: 1, unit: 1, label: '1 mm' },
  '5mm': { perUnit: 1, unit: 5, label: '5 mm' },
  '1/32in': { perUnit: 32, unit: MM_PER_INCH, label: '1/32 in' },
  '1/16in': { perUnit: 16, unit: MM_PER_INCH, label: '1/16 in' },
  '1/8in': { perUnit: 8, unit: MM_PER_INCH, label: '1/8 in' },
};

/** How a grid is called in text. */
export const gridLabel = (grid: StepId): string => grids[grid].label;

/** Whether a grid counts in inches: what is made on it is thought in inches, whatever unit is shown. */
export const isInches = (grid: GridId): boolean => grids[grid].unit === MM_PER_INCH;

/** The step of a grid, mm. */
export const gridStep = (grid: StepId): number => grids[grid].unit / grids[grid].perUnit;

/** A grid and those that are finer, in the same system, the coarsest first. */
const FINER: Record<GridId, readonly GridId[]> = {
  '0.5mm': ['0.5mm'],
  '1mm': ['1mm', '0.5mm'],
  '1/32in': ['1/32in'],
  '1/16in': ['1/16in', '1/32in'],
  '1/8in': ['1/8in', '1/16in', '1/32in'],
};

/** A grid swallows a length where it changes it by more than this share (common practice). */
const SWALLOWS = 0.1;

/** The coarsest grid that leaves a small length what it is: of a set amount, such as a lip of 2 mm, which a coarse grid would take
 * away or double.
 * @returns nothing if even the finest changes it much */
export const gridFor = (mm: number, grid: GridId): GridId | undefined =>
  FINER[grid].find((each) => Math.abs(roundToGrid(mm, each, 'nearest') - mm) <= SWALLOWS * Math.abs(mm));

/** Of what shall stand out above a mouth a grid may take so much (common practice). */
const HIDES = 0.25;

/** The coarsest grid on which a depth that is rounded up leaves most of what is above it to show; else the finest. */
export const gridShowing = (mm: number, shows: number, grid: GridId): GridId =>
  FINER[grid].find((each) => roundToGrid(mm, each, 'up') - mm <= HIDES * shows) ?? FINER[grid].at(-1)!;

const round: Record<RoundingDirection, (n: number) => number> = {
  up: Math.ceil,
  down: Math.floor,
  nearest: Math.round,
};

/** Floating-point dust that must not push a size a whole step on, in steps. */
const DUST = 1e-7;

/** A length on the grid.
 * @param mm length, mm
 * @param direction what must hold rounds up, what must go inside rounds down, marks to the nearest
 * @returns mm; a whole number of steps */
export function roundToGrid(mm: number, grid: StepId, direction: RoundingDirection): number {
  const { perUnit, unit } = grids[grid];
  const steps = (mm / unit) * perUnit;
  const nearest = Math.round(steps);
  const whole = Math.abs(steps - nearest) < DUST ? nearest : round[direction](steps);
  return (whole * unit) / perUnit;
}

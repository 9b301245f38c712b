import { MM_PER_INCH } from './length.ts';

/** The steps that finished sizes can be rounded to. */
export const gridIds = ['0.5mm', '1mm', '1/32in', '1/16in', '1/8in'] as const;
export type GridId = (typeof gridIds)[number];
export type RoundingDirection = 'up' | 'down' | 'nearest';

/** Steps per whole unit, and the unit in millimetres: a step is `unit / perUnit` exactly. */
const grids: Record<GridId, { perUnit: number; unit: number; label: string }> = {
  '0.5mm': { perUnit: 2, unit: 1, label: '0.5 mm' },
  '1mm': { perUnit: 1, unit: 1, label: '1 mm' },
  '1/32in': { perUnit: 32, unit: MM_PER_INCH, label: '1/32 in' },
  '1/16in': { perUnit: 16, unit: MM_PER_INCH, label: '1/16 in' },
  '1/8in': { perUnit: 8, unit: MM_PER_INCH, label: '1/8 in' },
};

/** How a grid is called in text. */
export const gridLabel = (grid: GridId): string => grids[grid].label;

/** The step of a grid, mm. */
export const gridStep = (grid: GridId): number => grids[grid].unit / grids[grid].perUnit;

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
export function roundToGrid(mm: number, grid: GridId, direction: RoundingDirection): number {
  const { perUnit, unit } = grids[grid];
  const steps = (mm / unit) * perUnit;
  const nearest = Math.round(steps);
  const whole = Math.abs(steps - nearest) < DUST ? nearest : round[direction](steps);
  return (whole * unit) / perUnit;
}

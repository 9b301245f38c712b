/** Millimetres in one inch, exact since 1959. The only place where inches meet millimetres is this folder. */
export const MM_PER_INCH = 25.4;

/** A unit in which a maker types and reads lengths. Inside the program every length is in millimetres. */
export type LengthUnit = 'mm' | 'cm' | 'in';

/** Millimetres in one of the unit. */
export const mmPer: Record<LengthUnit, number> = { mm: 1, cm: 10, in: MM_PER_INCH };

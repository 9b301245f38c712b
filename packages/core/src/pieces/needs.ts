import type { HardwareNeed } from './contribution.ts';

/** What a piece needs of one kind of hardware, all together. */
export interface NeededHardware {
  /** Under which the standard knows it. */
  standard: string;
  /** What is used. */
  used: string;
  count: number;
  /** Of what is cut to length, mm. */
  length: number;
}

/** The needs of a solution, each standard entry once, in the order in which they come. */
export function hardwareNeeds({ hardware }: { hardware: readonly HardwareNeed[] }): NeededHardware[] {
  const needs = new Map<string, NeededHardware>();
  for (const { id, count, length = 0, insteadOf } of hardware) {
    const standard = insteadOf ?? id;
    const before = needs.get(standard) ?? { standard, used: id, count: 0, length: 0 };
    needs.set(standard, { ...before, count: before.count + count, length: before.length + length });
  }
  return [...needs.values()];
}

/** How much of it, in words: `2 needed`, `3, together 640 mm`.
 * @param say writes a length with its unit */
export const needWords = ({ count, length }: NeededHardware, say: (mm: number) => string): string =>
  length > 0 ? `${count > 1 ? `${count}, together ` : ''}${say(length)}` : `${count} needed`;

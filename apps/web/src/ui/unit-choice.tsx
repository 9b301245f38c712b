import type { LengthUnit } from '@zindle/core';
import { Choice } from './choice.tsx';

/** Millimetres, centimetres or inches. */
export function UnitChoice({ value, onUnit }: { value: LengthUnit; onUnit(unit: LengthUnit): void }) {
  return (
    <Choice
      label="Unit"
      hideLabel
      value={value}
      choices={[
        { id: 'mm', title: 'mm' },
        { id: 'cm', title: 'cm' },
        { id: 'in', title: 'in' },
      ]}
      onChoice={onUnit}
    />
  );
}

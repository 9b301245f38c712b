import type { LengthUnit } from '@zindle/core';
import { Choice } from './choice.tsx';

interface Props {
  value: LengthUnit;
  onUnit(unit: LengthUnit): void;
  hideLabel?: boolean;
}

/** Millimetres, centimetres or inches. */
export function UnitChoice({ value, onUnit, hideLabel = true }: Props) {
  return (
    <Choice
      label="Unit"
      hideLabel={hideLabel}
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

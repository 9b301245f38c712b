import { NumberField } from './number-field.tsx';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  onCount(count: number): void;
}

/** A whole number with its range. */
export const CountField = ({ onCount, ...field }: Props) => <NumberField {...field} whole onNumber={onCount} />;

import { useId } from 'react';
import { FieldError } from './field-error.tsx';
import { useDraft } from './use-draft.ts';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  /** Stands behind the number. */
  unit?: string;
  whole?: boolean;
  hint?: string;
  /** Takes the number when the field is left or Enter is pressed. */
  onNumber(value: number): void;
}

/** A number that is no length, with its range. */
export function NumberField({ label, value, least, most, unit, whole = false, hint, onNumber }: Props) {
  const id = useId();
  const { input, refusal } = useDraft({
    shown: String(value),
    read(text) {
      const plain = text.trim().replace(',', '.');
      const number = /^-?\d*\.?\d+$/.test(plain) ? Number(plain) : NaN;
      const usable = number >= least && number <= most && (!whole || Number.isInteger(number));
      return usable
        ? { ok: true, value: number }
        : { ok: false, message: `Use a ${whole ? 'whole ' : ''}number from ${least} to ${most}.` };
    },
    onValue: onNumber,
  });
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id}>{label}</label>
        <span className="flex items-center gap-1.5">
          <input
            id={id}
            className="field w-20 text-right"
            inputMode="decimal"
            title={hint}
            aria-describedby={refusal ? `${id}-error` : undefined}
            {...input}
          />
          {unit && <span className="w-11 text-xs text-quiet">{unit}</span>}
        </span>
      </div>
      {refusal && <FieldError id={`${id}-error`}>{refusal}</FieldError>}
    </div>
  );
}

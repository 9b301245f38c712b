import { useId, useState } from 'react';
import { FieldError } from './field-error.tsx';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  /** Stands behind the number. */
  unit?: string;
  whole?: boolean;
  hint?: string;
  onNumber(value: number): void;
}

/** A number that is no length, with its range. */
export function NumberField({ label, value, least, most, unit, whole = false, hint, onNumber }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const read = (text: string): number | undefined => {
    const plain = text.trim().replace(',', '.');
    const number = /^-?\d*\.?\d+$/.test(plain) ? Number(plain) : NaN;
    return number >= least && number <= most && (!whole || Number.isInteger(number)) ? number : undefined;
  };
  const error =
    draft !== undefined && read(draft) === undefined
      ? `Use a ${whole ? 'whole ' : ''}number from ${least} to ${most}.`
      : undefined;
  const leave = () => setDraft((text) => (error ? text : undefined));
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id}>{label}</label>
        <span className="flex items-center gap-1.5">
          <input
            id={id}
            className="field w-20 text-right"
            value={draft ?? String(value)}
            inputMode="decimal"
            autoComplete="off"
            title={hint}
            aria-invalid={error !== undefined}
            aria-describedby={error ? `${id}-error` : undefined}
            onFocus={(event) => event.target.select()}
            onChange={(event) => {
              setDraft(event.target.value);
              const next = read(event.target.value);
              if (next !== undefined) onNumber(next);
            }}
            onBlur={leave}
            onKeyDown={(event) => {
              if (event.key === 'Enter') leave();
              if (event.key === 'Escape') setDraft(undefined);
            }}
          />
          {unit && <span className="w-11 text-xs text-quiet">{unit}</span>}
        </span>
      </div>
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}

import { useId, useState } from 'react';
import { FieldError } from './field-error.tsx';

interface Props {
  label: string;
  value: number;
  least: number;
  most: number;
  onCount(count: number): void;
}

/** A whole number with its range. */
export function CountField({ label, value, least, most, onCount }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const usable = (text: string) => /^\d{1,4}$/.test(text.trim()) && Number(text) >= least && Number(text) <= most;
  const error = draft !== undefined && !usable(draft) ? `Use a whole number from ${least} to ${most}.` : undefined;
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id}>{label}</label>
        <input
          id={id}
          className="field w-20 text-right"
          value={draft ?? String(value)}
          inputMode="numeric"
          autoComplete="off"
          aria-invalid={error !== undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            setDraft(event.target.value);
            if (usable(event.target.value)) onCount(Number(event.target.value));
          }}
          onBlur={() => setDraft((text) => (error ? text : undefined))}
          onKeyDown={(event) => event.key === 'Escape' && setDraft(undefined)}
        />
      </div>
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}

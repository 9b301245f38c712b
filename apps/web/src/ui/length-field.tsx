import { formatLength, parseLengthWithin } from '@zindle/core';
import { useId } from 'react';
import { FieldError } from './field-error.tsx';
import { useDraft } from './use-draft.ts';
import { useUnit } from './use-length.ts';

interface Props {
  label: string;
  /** mm */
  value: number;
  least: number;
  most: number;
  /** Takes the length when the field is left or Enter is pressed. */
  onLength(mm: number): void;
  /** The field is done with: nothing in it is refused. */
  onDone?(): void;
  hint?: string;
  className?: string;
  hideLabel?: boolean;
}

/** A length as the maker writes it. What cannot be used stays in the field and the reason below; the length before stays in force. */
export function LengthField({
  label,
  value,
  least,
  most,
  onLength,
  onDone,
  hint,
  className = 'w-24',
  hideLabel,
}: Props) {
  const unit = useUnit();
  const id = useId();
  const decimals = value < 1 && value > 0 ? 2 : 1;
  const { input, refusal } = useDraft({
    shown: formatLength(value, { unit, denominator: 32, decimals }).replace('~', ''),
    read(text) {
      const parsed = parseLengthWithin(text, { unit, least, most });
      return parsed.ok ? { ok: true, value: parsed.mm } : parsed;
    },
    onValue: onLength,
    ...(onDone && { onDone }),
  });
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id} className={hideLabel ? 'sr-only' : ''}>
          {label}
        </label>
        <input
          id={id}
          className={`field text-right ${className}`}
          inputMode="text"
          spellCheck={false}
          aria-describedby={refusal ? `${id}-error` : undefined}
          title={hint}
          {...input}
        />
      </div>
      {refusal && <FieldError id={`${id}-error`}>{refusal}</FieldError>}
    </div>
  );
}

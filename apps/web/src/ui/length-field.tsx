import { formatLength, parseLengthWithin } from '@zindle/core';
import { useId, useState } from 'react';
import { FieldError } from './field-error.tsx';
import { useUnit } from './use-length.ts';

interface Props {
  label: string;
  /** mm */
  value: number;
  least: number;
  most: number;
  /** Called with every length that can be used while it is typed; `gesture` is one visit of the field. */
  onLength(mm: number, gesture: string): void;
  hint?: string;
  className?: string;
  hideLabel?: boolean;
}

let visits = 0;

/** A length as the maker writes it. What cannot be used is named below; the last good value stays in force. */
export function LengthField({ label, value, least, most, onLength, hint, className = 'w-24', hideLabel }: Props) {
  const unit = useUnit();
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const [gesture, setGesture] = useState('');
  const shown = formatLength(value, { unit, denominator: 32, decimals: value < 1 && value > 0 ? 2 : 1 }).replace(
    '~',
    '',
  );
  const read = draft === undefined ? undefined : parseLengthWithin(draft, { unit, least, most });
  const error = read && !read.ok ? read.message : undefined;

  function type(text: string) {
    setDraft(text);
    const parsed = parseLengthWithin(text, { unit, least, most });
    if (parsed.ok) onLength(parsed.mm, gesture);
  }
  const leave = () => setDraft((text) => (error ? text : undefined));

  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id} className={hideLabel ? 'sr-only' : ''}>
          {label}
        </label>
        <input
          id={id}
          className={`field text-right ${className}`}
          value={draft ?? shown}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={error !== undefined}
          aria-describedby={error ? `${id}-error` : undefined}
          title={hint}
          onFocus={(event) => {
            setGesture(`visit-${++visits}`);
            event.target.select();
          }}
          onChange={(event) => type(event.target.value)}
          onBlur={leave}
          onKeyDown={(event) => {
            if (event.key === 'Enter') leave();
            if (event.key === 'Escape') setDraft(undefined);
          }}
        />
      </div>
      {error && <FieldError id={`${id}-error`}>{error}</FieldError>}
    </div>
  );
}

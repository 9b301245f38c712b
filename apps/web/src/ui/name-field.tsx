import { limits } from '@zindle/core';
import { useId, useState } from 'react';
import { FieldError } from './field-error.tsx';

/** A name that is taken when the field is left; an empty one is named and the old one stays. */
export function NameField({
  label,
  value,
  onName,
  className = '',
}: {
  label: string;
  value: string;
  onName(name: string): void;
  className?: string;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const text = draft?.trim();
  const problem =
    text === undefined
      ? undefined
      : text === ''
        ? 'It needs a name.'
        : text.length > limits.nameLength
          ? `At most ${limits.nameLength} letters.`
          : undefined;
  function leave() {
    if (problem) return;
    if (text !== undefined && text !== value) onName(text);
    setDraft(undefined);
  }
  return (
    <div className={`relative ${className}`}>
      <input
        id={id}
        aria-label={label}
        className="field w-full border-transparent bg-transparent font-head font-semibold text-ellipsis"
        value={draft ?? value}
        autoComplete="off"
        spellCheck={false}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? `${id}-error` : undefined}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') setDraft(undefined);
        }}
      />
      {problem && (
        <FieldError
          id={`${id}-error`}
          className="absolute top-full left-2 z-20 rounded bg-sheet px-1 whitespace-nowrap"
        >
          {problem}
        </FieldError>
      )}
    </div>
  );
}

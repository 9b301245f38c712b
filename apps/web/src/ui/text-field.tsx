import { useId, useState } from 'react';
import { FieldError } from './field-error.tsx';

interface Props {
  label: string;
  value: string;
  /** Takes what is written when the field is left; says what is wrong with it, if it is. */
  onText(text: string): string | undefined;
  placeholder?: string;
  hint?: string;
}

/** Words that are taken when the field is left; what cannot be used is named, and the old ones stay. */
export function TextField({ label, value, onText, placeholder, hint }: Props) {
  const id = useId();
  const [draft, setDraft] = useState<string>();
  const [problem, setProblem] = useState<string>();
  function leave() {
    if (draft === undefined || draft === value) return setDraft(undefined);
    const wrong = onText(draft.trim());
    setProblem(wrong);
    if (!wrong) setDraft(undefined);
  }
  return (
    <div>
      <div className="flex items-center justify-between gap-3">
        <label htmlFor={id} className="shrink-0">
          {label}
        </label>
        <input
          id={id}
          className="field min-w-0 flex-1"
          value={draft ?? value}
          placeholder={placeholder}
          title={hint}
          autoComplete="off"
          aria-invalid={problem !== undefined}
          aria-describedby={problem ? `${id}-error` : undefined}
          onChange={(event) => {
            setDraft(event.target.value);
            setProblem(undefined);
          }}
          onBlur={leave}
          onKeyDown={(event) => {
            if (event.key === 'Enter') leave();
            if (event.key === 'Escape') {
              setDraft(undefined);
              setProblem(undefined);
            }
          }}
        />
      </div>
      {problem && <FieldError id={`${id}-error`}>{problem}</FieldError>}
    </div>
  );
}

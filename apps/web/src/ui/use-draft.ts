import { useState } from 'react';

export type Read<T> = { ok: true; value: T } | { ok: false; message: string };

interface Options<T> {
  /** What stands in the field while nobody types. */
  shown: string;
  read(text: string): Read<T>;
  onValue(value: T): void;
  /** The field was left, or Enter or Escape pressed, and nothing in it is refused. */
  onDone?(): void;
}

/** What is typed into a field until it is taken over: when the field is left, or Enter is pressed. What cannot be used stays in
 * the field with the reason, and what was before stays in force; Escape goes back to it. */
export function useDraft<T>({ shown, read, onValue, onDone }: Options<T>) {
  const [draft, setDraft] = useState<string>();
  const [refusal, setRefusal] = useState<string>();
  function back() {
    setDraft(undefined);
    setRefusal(undefined);
    onDone?.();
  }
  function take() {
    // what was only looked at is not written anew from its rounded display
    if (draft === undefined || draft.trim() === shown) return back();
    const result = read(draft);
    if (!result.ok) return setRefusal(result.message);
    onValue(result.value);
    back();
  }
  return {
    refusal,
    input: {
      value: draft ?? shown,
      autoComplete: 'off',
      'aria-invalid': refusal !== undefined,
      onFocus: (event: React.FocusEvent<HTMLInputElement>) => event.target.select(),
      onChange(event: React.ChangeEvent<HTMLInputElement>) {
        setDraft(event.target.value);
        setRefusal(undefined);
      },
      onBlur: take,
      onKeyDown({ key }: React.KeyboardEvent) {
        if (key === 'Enter') take();
        if (key === 'Escape') back();
      },
    },
  };
}

import { Radio, RadioGroup } from '@headlessui/react';

interface Props<T extends string> {
  label: string;
  value: T;
  choices: readonly { id: T; title: string; why?: string }[];
  onChoice(id: T): void;
  hideLabel?: boolean;
}

/** A few choices side by side. */
export function Choice<T extends string>({ label, value, choices, onChoice, hideLabel }: Props<T>) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
      {!hideLabel && <span aria-hidden="true">{label}</span>}
      <RadioGroup value={value} onChange={onChoice} aria-label={label} className="flex flex-wrap gap-1">
        {choices.map(({ id, title, why }) => (
          <Radio
            key={id}
            value={id}
            title={why}
            className="flex min-h-8 cursor-pointer items-center rounded-lg border border-hair bg-white px-2.5 data-checked:border-ink data-checked:font-semibold data-checked:ring-1 data-checked:ring-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-chalk"
          >
            {title}
          </Radio>
        ))}
      </RadioGroup>
    </div>
  );
}

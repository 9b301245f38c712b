import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { Check, ChevronDown } from 'lucide-react';

export interface PickerOption {
  id: string;
  title: string;
  note?: string;
  tint?: string;
}
interface Props {
  label: string;
  value: string;
  options: readonly PickerOption[];
  onPick(id: string): void;
  className?: string;
}

/** One of many, with a swatch and a note. */
export function Picker({ label, value, options, onPick, className = 'w-full' }: Props) {
  const chosen = options.find(({ id }) => id === value);
  return (
    <Listbox value={value} onChange={onPick}>
      <ListboxButton
        aria-label={`${label}: ${chosen?.title ?? value}`}
        className={`field flex min-h-9 items-center gap-2 text-left ${className}`}
      >
        <Swatch tint={chosen?.tint} />
        <span className="min-w-0 flex-1 truncate">{chosen?.title ?? `${value} (not on the shelf)`}</span>
        <ChevronDown size={14} aria-hidden="true" />
      </ListboxButton>
      <ListboxOptions
        modal={false}
        anchor={{ to: 'bottom start', gap: 4 }}
        className="z-30 max-h-80 w-(--button-width) min-w-64 overflow-auto rounded-lg border border-ink bg-sheet p-1 shadow-lg outline-none"
      >
        {options.map(({ id, title, note, tint }) => (
          <ListboxOption
            key={id}
            value={id}
            className="flex cursor-pointer items-center gap-2 rounded px-2 py-1.5 data-focus:bg-weld-soft"
          >
            <Swatch tint={tint} />
            <span className="flex-1">
              {title}
              {note && <span className="block text-xs text-quiet">{note}</span>}
            </span>
            {id === value && <Check size={14} aria-label="chosen" />}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
}

const Swatch = ({ tint }: { tint: string | undefined }) =>
  tint ? (
    <span
      aria-hidden="true"
      className="inline-block size-4 shrink-0 rounded-sm border border-ink/60"
      style={{ background: tint }}
    />
  ) : null;

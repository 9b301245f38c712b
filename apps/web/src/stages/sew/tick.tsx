import { Check } from 'lucide-react';
import type { Doneness } from '../../derivations/steps.ts';

interface Props {
  label: string;
  state: Doneness | 'part';
  onTick(): void;
  /** Stands in it while it is not done. */
  children?: React.ReactNode;
}

const looks: Record<Props['state'], string> = {
  done: 'border-weld bg-weld text-white',
  part: 'border-weld bg-weld-soft text-weld',
  changed: 'border-2 border-wax-deep bg-wax-soft text-wax-deep',
  open: 'border-quiet bg-white text-ink',
};

/** A round tick, large enough for a thumb. */
export function Tick({ label, state, onTick, children }: Props) {
  return (
    <label className="flex size-11 shrink-0 cursor-pointer items-center justify-center">
      <input
        type="checkbox"
        className="peer sr-only"
        checked={state === 'done'}
        aria-label={state === 'changed' ? `${label}; it was done before it changed` : label}
        onChange={onTick}
      />
      <span
        aria-hidden="true"
        className={`flex size-5.5 items-center justify-center rounded-full border text-xs tabular-nums peer-focus-visible:outline-2 peer-focus-visible:outline-offset-2 ${looks[state]}`}
      >
        {state === 'done' ? <Check size={14} strokeWidth={3} /> : children}
      </span>
    </label>
  );
}

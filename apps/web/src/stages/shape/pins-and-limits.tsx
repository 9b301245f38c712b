import { capital, limits, setLimit, setPin } from '@zindle/core';
import { X } from 'lucide-react';
import { useDesign } from '../../store/design-context.ts';
import { LengthField } from '../../ui/length-field.tsx';
import { Picker } from '../../ui/picker.tsx';
import { Signal } from '../../ui/signal.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

const CHOOSE = 'choose';

interface Fixed {
  path: string;
  label: string;
  mm: number;
  /** Said below the field: why it cannot be so, or what it is short of. */
  told?: { of: 'stop' | 'watch'; text: string };
}

/** Sizes that the maker fixes, and the most that the finished piece may be.
 * @param under path of the object in hand; the whole piece has limits too */
export function PinsAndLimits({ document, solution, under }: WithSolution & { under: string }) {
  const edit = useDesign((state) => state.edit);
  const length = useLength();
  const { pins = {}, limits: most = {} } = document;
  const whole = under === 'body';
  const holds = whole || under.startsWith('holders/');
  const mine = solution.pinnable.filter(({ path }) => path.startsWith(`${under}/`));
  const labelOf = (path: string) => mine.find((each) => each.path === path)?.label ?? path;
  const pinned = Object.entries(pins)
    .filter(([path]) => path.startsWith(`${under}/`))
    .map(([path, mm]): Fixed => {
      const { asks = 0, least = 0 } = mine.find((each) => each.path === path) ?? {};
      const told: Fixed['told'] =
        mm < least - 1e-6
          ? { of: 'stop', text: `can be drawn only from ${length(least, true)}` }
          : mm < asks - 1e-6
            ? {
                of: 'watch',
                text: `would be ${length(asks, true)} ${holds ? 'to hold everything with your ease' : 'by its rule'}`,
              }
            : undefined;
      return { path, label: labelOf(path), mm, ...(told && { told }) };
    });
  const limited = (whole ? Object.entries(most) : []).map(([path, mm]): Fixed => {
    const size = solution.limitable[path];
    const over = size !== undefined && size.value > mm + 1e-6;
    return {
      path,
      label: size?.label ?? path,
      mm,
      ...(over && {
        told: { of: 'stop', text: `is ${length(size.value, true)}, ${length(size.value - mm)} too much` },
      }),
    };
  });
  const freeSizes = mine.filter(({ path }) => pins[path] === undefined);
  const freeLimits = whole ? Object.entries(solution.limitable).filter(([path]) => most[path] === undefined) : [];
  if (mine.length === 0 && !whole) return null;
  return (
    <section aria-label={whole ? 'Pins and limits' : 'Pins'} className="mt-5">
      <h3 className="text-sm">{whole ? 'Pins and limits' : 'Pins'}</h3>
      <ul className="mt-1 space-y-1.5">
        {pinned.map((pin) => (
          <FixedRow
            key={pin.path}
            fixed={pin}
            title={`${capital(pin.label)}, pinned`}
            onLength={(mm) => edit(setPin(pin.path, pin.label, mm))}
            onFree={() => edit(setPin(pin.path, pin.label, undefined))}
          />
        ))}
        {limited.map((limit) => (
          <FixedRow
            key={limit.path}
            fixed={limit}
            title={`${capital(limit.label)}, at most`}
            onLength={(mm) => edit(setLimit(limit.path, limit.label, mm))}
            onFree={() => edit(setLimit(limit.path, limit.label, undefined))}
          />
        ))}
      </ul>
      <div className="mt-2 space-y-1.5">
        {freeSizes.length > 0 && (
          <Picker
            label="Pin a size"
            value={CHOOSE}
            options={[
              { id: CHOOSE, title: 'Pin a size …' },
              ...freeSizes.map(({ path, label, asks }) => ({
                id: path,
                title: capital(label),
                note: length(asks, true),
              })),
            ]}
            onPick={(path) => {
              const size = freeSizes.find((each) => each.path === path);
              if (size) edit(setPin(path, size.label, size.asks));
            }}
          />
        )}
        {freeLimits.length > 0 && (
          <Picker
            label="Set a limit"
            value={CHOOSE}
            options={[
              { id: CHOOSE, title: 'Set a limit …' },
              ...freeLimits.map(([path, { label, value }]) => ({
                id: path,
                title: capital(label),
                note: `now ${length(value, true)}`,
              })),
            ]}
            onPick={(path) => {
              const size = solution.limitable[path];
              if (size) edit(setLimit(path, size.label, Math.ceil(size.value)));
            }}
          />
        )}
      </div>
    </section>
  );
}

interface RowProps {
  fixed: Fixed;
  title: string;
  onLength(mm: number): void;
  onFree(): void;
}

function FixedRow({ fixed: { mm, told }, title, onLength, onFree }: RowProps) {
  return (
    <li>
      <div className="flex items-start gap-1">
        <div className="min-w-0 flex-1">
          <LengthField
            label={title}
            value={mm}
            least={limits.size.least}
            most={limits.pinned.most}
            onLength={onLength}
          />
        </div>
        <button
          type="button"
          className="min-h-8 rounded px-1 text-quiet hover:bg-cloth hover:text-ink"
          aria-label={`Let go: ${title}`}
          title="Let it go"
          onClick={onFree}
        >
          <X size={14} aria-hidden="true" />
        </button>
      </div>
      {told && (
        <p className="flex gap-1.5 text-[13px] leading-tight">
          <Signal of={told.of} /> {told.text}
        </p>
      )}
    </li>
  );
}

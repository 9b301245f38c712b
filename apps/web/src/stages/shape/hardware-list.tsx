import { hardwareNeeds, needWords, setHardware, type Hardware, type NeededHardware } from '@zindle/core';
import { useDesign } from '../../store/design-context.ts';
import { offered, useShelves } from '../../store/shelves.ts';
import { Picker } from '../../ui/picker.tsx';
import { stockWords } from '../../ui/stock-words.ts';
import { useLength, useUnit, type SayLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

/** Snaps, zippers and the like that it needs; each may be one of the maker's own of the same kind. */
export function HardwareList({ solution }: Pick<WithSolution, 'solution'>) {
  const needs = hardwareNeeds(solution);
  if (needs.length === 0) return null;
  return (
    <section aria-label="Hardware" className="mt-5">
      <h3 className="text-sm">Hardware</h3>
      <ul className="mt-1 space-y-2">
        {needs.map((need) => (
          <NeedRow key={need.standard} need={need} />
        ))}
      </ul>
    </section>
  );
}

function NeedRow({ need }: { need: NeededHardware }) {
  const edit = useDesign((state) => state.edit);
  const own = useShelves((state) => state.own);
  const shelves = useShelves((state) => state.shelves);
  const length = useLength();
  const unit = useUnit();
  const standard = shelves.hardware.find(({ id }) => id === need.standard);
  const used = shelves.hardware.find(({ id }) => id === need.used);
  if (!standard) return null;
  const mine = new Set(own.hardware.map(({ entry }) => entry.id));
  const choices = offered({ own, shelves }, 'hardware').filter(
    ({ id, kind }) => kind === standard.kind && mine.has(id),
  );
  const options = [standard, ...choices, ...(used && !choices.includes(used) && used !== standard ? [used] : [])];
  return (
    <li>
      <span className="flex justify-between gap-3 text-[13px]">
        <span className="min-w-0 truncate">{options.length > 1 ? `${standard.kind}` : standard.name}</span>
        <span className="whitespace-nowrap text-quiet">{needWords(need, (mm) => length(mm, true))}</span>
      </span>
      {options.length > 1 && (
        <Picker
          label={`Used as ${standard.name}`}
          value={need.used}
          options={options.map((entry) => ({ id: entry.id, title: entry.name, note: noteOf(entry, length, unit) }))}
          onPick={(id) => {
            const name = options.find((entry) => entry.id === id)?.name ?? id;
            edit(setHardware(need.standard, name, id === need.standard ? undefined : id));
          }}
        />
      )}
    </li>
  );
}

function noteOf({ diameter, onHand, onHandLength }: Hardware, length: SayLength, unit: 'mm' | 'cm' | 'in'): string {
  const stock =
    onHandLength !== undefined ? stockWords(onHandLength, unit) : onHand !== undefined ? `${onHand} left` : '';
  return [`${length(diameter, true)} wide`, stock].filter(Boolean).join(' · ');
}

import { gridIds, gridLabel, type GridId } from '@zindle/core';
import type { House } from '../api/client.ts';
import { offered, useShelves } from '../store/shelves.ts';
import { Picker } from '../ui/picker.tsx';
import { UnitChoice } from '../ui/unit-choice.tsx';
import { useLength } from '../ui/use-length.ts';

const NONE = 'none';

/** Which of the machines on the shelf is sewn on. */
export function Machine({ value, onMachine }: { value: string | undefined; onMachine(id: string | undefined): void }) {
  const own = useShelves((state) => state.own);
  const shelves = useShelves((state) => state.shelves);
  const length = useLength();
  const machine = shelves.machines.find(({ id }) => id === value);
  return (
    <section aria-label="Machine" className="mt-6 border-t border-hair pt-3.5">
      <h2 className="text-lg">Machine</h2>
      <p className="mb-2 text-quiet">What thick stacks and seams are measured against.</p>
      <Picker
        label="Sewn on"
        value={value ?? NONE}
        options={[
          { id: NONE, title: 'not said' },
          ...offered({ own, shelves }, 'machines').map(({ id, name, seam }) => ({
            id,
            title: name,
            note: `sews up to ${length(seam, true)}`,
          })),
        ]}
        onPick={(id) => onMachine(id === NONE ? undefined : id)}
      />
      {machine && (
        <p className="mt-2 text-[13px]">
          Sews up to {length(machine.seam, true)} under the foot; the foot lifts {length(machine.lift, true)}; longest
          stitch {length(machine.longestStitch)}.{machine.walkingFoot && ' Feeds from above too.'}
        </p>
      )}
    </section>
  );
}

/** What new designs begin with; those that are there keep their own. */
export function NewDesigns({
  house,
  onSetting,
}: {
  house: House;
  onSetting(setting: Pick<House, 'unit' | 'grid'>): void;
}) {
  const unit = house.unit ?? 'mm';
  return (
    <section aria-label="New designs" className="mt-6 border-t border-hair pt-3.5">
      <h2 className="text-lg">New designs</h2>
      <p className="mb-2 text-quiet">What they begin with; those that are there keep their own.</p>
      <div className="space-y-2">
        <UnitChoice value={unit} hideLabel={false} onUnit={(next) => onSetting({ unit: next })} />
        <div className="flex items-center justify-between gap-3">
          <span>Sizes rounded to</span>
          <Picker
            label="Sizes rounded to"
            className="w-36"
            value={house.grid ?? (unit === 'in' ? '1/16in' : '0.5mm')}
            options={gridIds.map((id) => ({ id, title: gridLabel(id) }))}
            onPick={(grid) => onSetting({ grid: grid as GridId })}
          />
        </div>
      </div>
    </section>
  );
}

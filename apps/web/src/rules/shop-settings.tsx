import { gridIds, gridLabel, usualWords, withUsual, type GridId, type Usual } from '@zindle/core';
import { Trash2 } from 'lucide-react';
import type { House } from '../api/client.ts';
import { useKinds } from '../store/kinds-context.ts';
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
  onSetting(setting: { unit?: House['unit']; grid?: House['grid']; usual?: Usual | undefined }): void;
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
      <UsualChoices
        usual={house.usual ?? {}}
        onUsual={(usual) => onSetting({ usual: Object.keys(usual).length > 0 ? usual : undefined })}
      />
    </section>
  );
}

/** What the maker usually chooses, and takes away here; it is chosen where it matters. */
function UsualChoices({ usual, onUsual }: { usual: Usual; onUsual(usual: Usual): void }) {
  const kinds = useKinds();
  const all = usualWords(usual, kinds);
  return (
    <div className="mt-3">
      <h3 className="font-semibold">Your usual choices</h3>
      {all.length === 0 && (
        <p className="text-quiet">None yet. Choose in a design, and press “begin new ones so” beside it.</p>
      )}
      <ul aria-label="Your usual choices">
        {all.map(({ path, key, family, setting, choice }) => (
          <li key={`${path}.${key}`} className="flex items-center justify-between gap-2 border-b border-hair py-1">
            <span>
              {family}: {setting}, <b>{choice}</b>
            </span>
            <button
              type="button"
              className="grid size-8 place-items-center text-quiet hover:text-ink"
              aria-label={`${family}: ${setting}, begin with the standard again`}
              onClick={() => onUsual(withUsual(usual, path, key, undefined))}
            >
              <Trash2 size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

import { useKinds } from '../store/kinds-context.ts';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Plus } from 'lucide-react';

/** The families to begin a design with, each in a few words. */
export function NewDesignMenu({ onNew }: { onNew(body: string): void }) {
  return (
    <Menu>
      <MenuButton className="button button-main">
        <Plus size={15} aria-hidden="true" /> New design
      </MenuButton>
      <MenuItems
        anchor={{ to: 'bottom end', gap: 6 }}
        className="z-20 w-80 rounded-lg border border-hair bg-sheet p-1.5 shadow-lg outline-none"
      >
        {Object.entries(useKinds().bodies).map(([id, { title, about }]) => (
          <MenuItem key={id}>
            <button
              type="button"
              className="block w-full rounded px-3 py-2 text-left data-focus:bg-cloth"
              onClick={() => onNew(id)}
            >
              <b className="font-semibold">{title}</b>
              <span className="block text-quiet">{about}</span>
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

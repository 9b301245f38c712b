import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';

interface Props {
  label: string;
  icon: React.ReactNode;
  /** Where the list opens; default below the button. */
  to?: 'bottom end' | 'top end';
  actions: readonly { title: string; onPress(): void }[];
}

/** A few things that can be done, behind one button. */
export function ActionMenu({ label, icon, to = 'bottom end', actions }: Props) {
  return (
    <Menu>
      <MenuButton className="button px-2.5" aria-label={label}>
        {icon}
      </MenuButton>
      <MenuItems
        modal={false}
        anchor={{ to, gap: 6 }}
        className="z-30 w-52 rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
      >
        {actions.map(({ title, onPress }) => (
          <MenuItem key={title}>
            <button
              type="button"
              className="w-full rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
              onClick={onPress}
            >
              {title}
            </button>
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}

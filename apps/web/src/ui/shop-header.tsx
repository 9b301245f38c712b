import { NavLink } from 'react-router';
import { Wordmark } from './wordmark.tsx';

const places = [
  { to: '/', title: 'Designs' },
  { to: '/shelves/items', title: 'Things' },
  { to: '/shelves/materials', title: 'Materials' },
  { to: '/shelves/hardware', title: 'Hardware' },
  { to: '/shelves/machines', title: 'Machines' },
  { to: '/shelves/rules', title: 'House rules' },
];

/** What stands above every shelf: the ways to the others, and what this one offers. */
export function ShopHeader({ children }: { children?: React.ReactNode }) {
  return (
    <header className="flex h-[54px] shrink-0 items-center gap-4 border-b border-ink bg-sheet px-4">
      <Wordmark />
      <nav aria-label="Shelves" className="flex items-center gap-0.5">
        {places.map(({ to, title }) => (
          <NavLink
            key={to}
            to={to}
            end
            className={({ isActive }) =>
              `border-b-2 px-2.5 py-1.5 font-semibold whitespace-nowrap ${isActive ? 'border-dashed border-chalk' : 'border-transparent hover:border-hair'}`
            }
          >
            {title}
          </NavLink>
        ))}
      </nav>
      <div className="ml-auto flex min-w-0 items-center gap-2">{children}</div>
    </header>
  );
}

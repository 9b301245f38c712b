import { NavLink, useParams } from 'react-router';

/** The two tables of Hold: the things, and the cloth for them. */
export function HoldSwitch() {
  const { id = '' } = useParams();
  const tables = [
    { to: `/d/${id}/hold`, title: 'Things' },
    { to: `/d/${id}/hold/cloth`, title: 'Cloth' },
  ];
  return (
    <nav aria-label="What is on the table" className="flex overflow-hidden rounded-lg border border-hair">
      {tables.map(({ to, title }) => (
        <NavLink
          key={to}
          to={to}
          end
          className={({ isActive }) =>
            `flex min-h-11 items-center px-3.5 font-semibold ${isActive ? 'bg-weld-soft text-weld' : 'bg-white hover:bg-cloth'}`
          }
        >
          {title}
        </NavLink>
      ))}
    </nav>
  );
}

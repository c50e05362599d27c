import { NavLink, Outlet } from 'react-router';

const TABS: [string, string][] = [
  ['/bench', 'Samples'],
  ['/bench/round', 'Proof round'],
  ['/bench/mix', 'Mix'],
  ['/bench/fill', 'What a fill leaves'],
  ['/bench/fuel', 'Fuel for a trip'],
];

/** The bench and its sheets. */
export function BenchTabs() {
  return (
    <>
      <nav
        aria-label="Bench"
        className="border-line bg-paper-2 flex flex-wrap gap-x-5 border-b px-5 text-[14.5px]"
      >
        {TABS.map(([to, name]) => (
          <NavLink
            key={to}
            to={to}
            end
            className={({ isActive }) =>
              `text-ink -mb-px flex min-h-9 items-center border-b-2 no-underline ${isActive ? 'border-ink font-bold' : 'border-transparent'}`
            }
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <Outlet />
    </>
  );
}

import { NavLink, Outlet } from 'react-router';

interface TabsProps {
  label: string;
  /** Address and name of each sheet; the first is the screen's own. */
  tabs: [string, string][];
}

/** A screen that has several sheets, and the sheet that is open. */
export function Tabs({ label, tabs }: TabsProps) {
  return (
    <>
      <nav
        aria-label={label}
        className="border-line bg-paper-2 flex flex-wrap gap-x-5 border-b px-5 text-[14.5px] print:hidden"
      >
        {tabs.map(([to, name]) => (
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

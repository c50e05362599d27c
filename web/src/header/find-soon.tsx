import { Suspense, lazy, useState } from 'react';

const Find = lazy(() => import('./find').then((m) => ({ default: m.Find })));

/** Find with its box there at once: what is typed while the rest of it is fetched goes in. */
export function FindSoon({ onClose }: { onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const [entered, setEntered] = useState(false);
  return (
    <Suspense
      fallback={
        <div
          role="dialog"
          aria-label="Find"
          className="border-ink bg-paper text-ink fixed inset-x-0 top-[12vh] z-50 mx-auto w-[min(560px,92vw)] rounded-[3px_14px_14px_3px] border-[1.5px] p-5 shadow-2xl"
        >
          <input
            className="box"
            aria-label="Find"
            value={typed}
            autoFocus
            onChange={(event) => {
              setTyped(event.target.value);
              setEntered(false);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') setEntered(true);
              else if (event.key === 'Escape') onClose();
            }}
          />
        </div>
      }
    >
      <Find onClose={onClose} typed={typed} entered={entered} />
    </Suspense>
  );
}

import { useEffect, useState } from 'react';
import type { Workbox } from 'workbox-window';
import { allIsThrough } from '../offline/under-way';

async function register(waits: (worker: Workbox) => void): Promise<void> {
  const { Workbox } = await import('workbox-window');
  const worker = new Workbox('/sw.js');
  worker.addEventListener('waiting', () => waits(worker));
  worker.addEventListener('controlling', ({ isUpdate }) => {
    // What was sent a moment ago is let through first.
    if (isUpdate) void allIsThrough().then(() => window.location.reload());
  });
  await worker.register();
}

/**
 * Registers what lets the application open without signal. A new version waits until it is asked to
 * take over: nobody's step is pulled away, and what waits on the device stays where it is.
 */
export function NewVersion() {
  const [waiting, setWaiting] = useState<Workbox | null>(null);
  useEffect(() => {
    if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
    void register(setWaiting);
  }, []);
  if (!waiting) return null;
  return (
    <p
      role="status"
      className="bg-brass m-0 flex flex-wrap items-center gap-4 px-4 py-2 text-[15px] text-white"
    >
      A new version of Elsko is ready. What waits on this device stays.
      <button
        type="button"
        className="plain min-h-8 font-bold"
        onClick={() => waiting.messageSkipWaiting()}
      >
        Use it now
      </button>
    </p>
  );
}

import { useEffect, useState } from 'react';
import { useMay } from '../parts/session';
import { pictures, sender, useLine, usePictures } from '../offline/device';
import { ReturnedList } from './returned-list';
import { WaitingList } from './waiting-list';

/** So long on its way an entry is worth a word. */
const LATE_MS = 3_000;

/** Whether something that was entered then has been on its way for long. */
function useLate(since: string | undefined): boolean {
  const [late, setLate] = useState<string | null>(null);
  useEffect(() => {
    if (!since) return;
    const timer = setTimeout(() => setLate(since), LATE_MS);
    return () => clearTimeout(timer);
  }, [since]);
  return since !== undefined && late === since;
}

/** What has not gone up yet, and what came back; nothing while all is well. */
export function WaitingStrip() {
  const { waiting, returned, signal } = useLine();
  const { name } = useMay();
  const [open, setOpen] = useState<'back' | 'waiting' | null>(null);
  const going = usePictures().filter((one) => one.person === name);
  const spoilt = going.filter((one) => one.refused !== null);
  const mine = waiting.filter((one) => one.person === name);
  const back = returned.filter((one) => one.person === name);
  const others = [...new Set(waiting.filter((one) => one.person !== name).map((w) => w.person))];
  const late = useLate(mine[0]?.entry.deviceTime);
  const sending = signal && late && mine.length > 0;
  const nothing = back.length === 0 && others.length === 0 && spoilt.length === 0;
  if (signal && !sending && nothing) return null;
  const waits = mine.length + going.length;
  return (
    <>
      <div
        role="status"
        aria-label="Waiting entries"
        className={`flex min-h-11 flex-wrap items-center gap-x-5 gap-y-1 px-[18px] py-1.5 text-[15px] font-semibold ${back.length + spoilt.length > 0 ? 'bg-[#8f2f1e] text-white' : 'bg-[#243138] text-[#f3efe6]'}`}
      >
        {!signal && (
          <span>
            No signal ·{' '}
            {mine.length === 0
              ? 'what you enter waits here'
              : `${mine.length} ${mine.length === 1 ? 'entry waits' : 'entries wait'} on this device`}
          </span>
        )}
        {!signal && (
          <button
            type="button"
            className="plain min-h-14 min-w-14"
            onClick={() => {
              sender.wake();
              pictures.wake();
            }}
          >
            Try now
          </button>
        )}
        {sending && (
          <span>
            Slow signal · {mine.length} {mine.length === 1 ? 'entry goes' : 'entries go'} up
          </span>
        )}
        {spoilt.length > 0 && (
          <span>{spoilt.length === 1 ? 'A picture was' : 'Pictures were'} not taken</span>
        )}
        {waits > 0 && (
          <button
            type="button"
            className="plain min-h-14 min-w-14"
            aria-expanded={open === 'waiting'}
            onClick={() => setOpen(open === 'waiting' ? null : 'waiting')}
          >
            What waits
          </button>
        )}
        {others.length > 0 && (
          <span>Entries of {others.join(', ')} wait here until they sign in</span>
        )}
        {back.length > 0 && (
          <button
            type="button"
            className="plain min-h-14 min-w-14"
            aria-expanded={open === 'back'}
            onClick={() => setOpen(open === 'back' ? null : 'back')}
          >
            {back.length} came back
          </button>
        )}
      </div>
      {open === 'back' && back.length > 0 && <ReturnedList returned={back} />}
      {open === 'waiting' && waits > 0 && <WaitingList entries={mine} going={going} />}
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { TimerView } from '../api/client';
import { timersQuery } from '../queries/queries';
import { useYardNow } from '../time/yard-clock';
import { clockOfTimer, lasts, standingOf } from './standing';

/** Who is due back at which boat, and in how long; {@code whose} only that person's. */
export function DueBack({ whose }: { whose?: string }) {
  const { data } = useQuery(timersQuery);
  const now = useYardNow();
  const timers = (data?.timers ?? []).filter(
    (timer) => timer.kind !== 'WATER' && (!whose || timer.heldBy === whose),
  );
  if (timers.length === 0) return null;
  return (
    <section aria-label="Go back to" className="pb-4">
      <h2 className="stencil text-[19px]">Go back to</h2>
      <ul className="m-0 list-none p-0">
        {timers.map((timer) => (
          <li
            key={`${timer.card} ${timer.step} ${timer.kind}`}
            className="border-line flex items-baseline gap-3 border-b py-1.5 text-[14.5px]"
          >
            <span
              className={`font-stencil min-w-[82px] text-[17px] font-semibold ${tone(timer, now)}`}
            >
              {inHowLong(timer, now)}
            </span>
            <span className="min-w-0">
              <Link
                className="text-ink font-bold no-underline hover:underline"
                to={`/boats/${timer.boat}/cards/${timer.card}`}
              >
                {timer.boatName}
              </Link>
              {timer.berthName && ` · ${timer.berthName}`}
              {!whose && ` · ${timer.heldBy}`}
              <span className="text-soft block text-[13.5px]">{timer.title}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function inHowLong(timer: TimerView, now: number): string {
  const clock = clockOfTimer(timer);
  switch (standingOf(clock, now)) {
    case 'RUNNING':
      return `in ${lasts(clock.dueAt - now)}`;
    case 'OVER':
      return 'over';
    case 'DUE':
    case 'SOON_OVER':
      return timer.fromStart ? `by ${lasts(clock.overAt - now)}` : 'now';
  }
}

function tone(timer: TimerView, now: number): string {
  const standing = standingOf(clockOfTimer(timer), now);
  if (standing === 'OVER') return 'text-verm';
  return standing === 'SOON_OVER' ? 'text-amber' : standing === 'DUE' ? 'text-spruce' : '';
}

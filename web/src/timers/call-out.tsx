import { useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { TimerView } from '../api/client';
import { timersQuery } from '../queries/queries';
import { useMay } from '../parts/session';
import { isFirstTime, ring, soundAfterTouch } from './ring';
import { useYardNow } from '../time/yard-clock';
import { clockOfTimer, saysOf, standingOf } from './standing';
import type { Standing } from './standing';

const callOf = (timer: TimerView, standing: Standing) =>
  `${timer.card} ${timer.step} ${timer.kind} ${timer.startedAt} ${standing}`;

/** Calls out what has become due or is soon over, wherever on the screens somebody is. */
export function CallOut() {
  const { data } = useQuery(timersQuery);
  const now = useYardNow();
  const may = useMay();
  const [heard, setHeard] = useState<readonly string[]>([]);
  useEffect(soundAfterTouch, []);
  const calling = (data?.timers ?? [])
    .filter((timer) => timer.heldBy === may.name || (may.runYard && timer.kind === 'SOAK'))
    .map((timer) => ({ timer, standing: standingOf(clockOfTimer(timer), now) }))
    .filter(({ timer, standing }) => calls(timer, standing))
    .map((one) => ({ ...one, call: callOf(one.timer, one.standing) }));
  const calls_ = calling.map(({ call }) => call).join();
  useEffect(() => {
    for (const { call, standing } of calling) {
      if (isFirstTime(call)) ring(standing !== 'DUE');
    }
    // Only what is new rings: the calls themselves say whether anything is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [calls_]);
  const shown = calling.filter(({ call }) => !heard.includes(call));
  if (shown.length === 0) return null;
  return (
    <div role="alert" aria-label="Called out">
      <ul className="m-0 grid list-none gap-px p-0">
        {shown.map(({ timer, standing, call }) => (
          <li
            key={call}
            className={`flex flex-wrap items-center gap-x-4 gap-y-1 px-[18px] py-2 text-[15.5px] ${standing === 'OVER' ? 'bg-[#8f2f1e] text-white' : standing === 'SOON_OVER' ? 'bg-[#f0c568] text-[#14110a]' : 'bg-[#1f4d45] text-white'}`}
          >
            <Link
              className="flex min-h-14 items-center font-bold text-inherit"
              to={`/boats/${timer.boat}/cards/${timer.card}`}
            >
              {timer.boatName}
              {timer.berthName && ` · ${timer.berthName}`}
            </Link>
            <span className="min-w-0 flex-1">
              {timer.title}: {saysOf(clockOfTimer(timer), now)}
            </span>
            <button
              type="button"
              className="plain min-h-14 min-w-14 px-2 font-bold"
              onClick={() => setHeard([...heard, call])}
            >
              Got it
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What has no least is not called out before its end comes close. */
function calls(timer: TimerView, standing: Standing): boolean {
  return (
    standing === 'SOON_OVER' || standing === 'OVER' || (standing === 'DUE' && !timer.fromStart)
  );
}

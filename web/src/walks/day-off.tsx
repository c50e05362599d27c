import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { CrewView } from '../api/client';
import { keys } from '../api/keys';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { planAgain } from './plan-again';

interface DayOffProps {
  worker: CrewView['workers'][number];
  date: string;
  today: string;
  /** The day it is about stays in sight while it is planned. */
  stay: () => void;
}

/** Somebody is not there on this day: it is planned again at once. */
export function DayOff({ worker, date, today, stay }: DayOffProps) {
  const queries = useQueryClient();
  const refused = useRefused([]);
  const isOff = worker.daysOff.includes(date);
  const set = (off: boolean) => {
    stay();
    void refused.attempt(async () => {
      await got(
        api.PUT('/api/walks/crew/{id}/days-off', {
          params: { path: { id: worker.id } },
          body: { date, off },
        }),
      );
      try {
        await planAgain();
      } finally {
        await queries.invalidateQueries({ queryKey: keys.plans });
        await queries.invalidateQueries({ queryKey: keys.crew });
      }
    });
  };
  const when = date === today ? 'today' : 'this day';
  return (
    <>
      {isOff && <span className="text-verm block text-[12.5px] font-semibold">off {when}</span>}
      <button
        type="button"
        className="plain text-[12.5px]"
        aria-label={`${worker.name} ${isOff ? 'works after all' : date === today ? 'is ill today' : 'is off this day'}`}
        onClick={() => set(!isOff)}
      >
        {isOff ? 'works after all' : date === today ? 'ill today' : 'off this day'}
      </button>
      <RefusedLine words={refused.elsewhere} />
    </>
  );
}

import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

/** What this boat has taught of itself, since when, and whether it is gone by. */
export function Learned({ boat, may }: { boat: BoatView; may: boolean }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  if (boat.learned.length === 0) return null;
  return (
    <section aria-label="Learned from this boat" className="text-[14px]">
      <h2 className="stencil text-[18px]">Learned from this boat</h2>
      <ul className="m-0 grid list-none gap-2 p-0">
        {boat.learned.map((one) => (
          <li key={one.key} className={one.used ? '' : 'text-soft line-through'}>
            {one.words}, since {new Date(one.since).getFullYear()}
            {may && (
              <button
                type="button"
                className="plain ml-2 inline-block no-underline"
                disabled={sending}
                onClick={() =>
                  void refused.attempt(() =>
                    enter({
                      entries: [{ kind: 'LEARNED_USED', key: one.key, used: !one.used }],
                      undo: one.used ? 'Not gone by' : 'Gone by again',
                    }),
                  )
                }
              >
                {one.used ? 'do not go by it' : 'go by it'}
              </button>
            )}
          </li>
        ))}
      </ul>
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}

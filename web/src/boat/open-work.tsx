import type { BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock } from '../words/words';

/** What has to be done on the boat beside its cards. */
export function OpenWork({ boat, may }: { boat: BoatView; may: boolean }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  if (boat.work.length === 0) return null;
  return (
    <section aria-label="Work to do">
      <h2 className="stencil text-[18px]">Work to do</h2>
      <ul className="m-0 list-none p-0">
        {boat.work.map((one) => (
          <li key={one.id} className="border-line flex items-center gap-3 border-b py-1.5">
            <span className="min-w-0 flex-1 text-[14.5px]">
              {one.urgent && <b className="text-verm">Something is wrong: </b>}
              {one.what}
              <span className="text-soft block text-[13px]">
                {one.by}, {clock(one.at)}
              </span>
            </span>
            {may && (
              <button
                type="button"
                className="btn"
                disabled={sending}
                aria-label={`Done: ${one.what}`}
                onClick={() =>
                  void refused.attempt(() =>
                    enter({
                      entries: [{ kind: 'WORK_DONE', work: one.id }],
                      undo: `${one.what}: done`,
                    }),
                  )
                }
              >
                Done
              </button>
            )}
          </li>
        ))}
      </ul>
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}

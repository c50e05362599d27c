import type { AskOf, BoatView } from '../api/client';
import { useEnter } from '../enter/enter';
import { Refusal } from '../api/refusal';
import { Tick } from '../parts/tick';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { sentence, typedNumber } from '../words/words';
import { draftOf } from './place';
import type { Place } from './place';

interface FindProps {
  ask: AskOf<'PIECES'>;
  boat: BoatView;
  place: Place;
  may: boolean;
}

/** The pieces an impeller lost, counted off as they are found. */
export function FindPieces({ ask, boat, place, may }: FindProps) {
  const { enter, sending } = useEnter(boat.id);
  const draft = `${draftOf(place, boat.id)}.PIECES.${ask.engine}`;
  const [count, setCount, clearCount] = useDraft(draft);
  const [where, setWhere, clearWhere] = useDraft(`${draft}.where`);
  const refused = useRefused(['count', 'where']);
  const error = refused.at('count') ?? refused.at('where') ?? refused.elsewhere;
  const missing = ask.missing;
  const save = async () => {
    const found = typedNumber(count);
    if (found === null || !Number.isInteger(found)) {
      refused.refuse(new Refusal(422, 'count', 'Enter how many pieces were found, like 2.'));
      return;
    }
    const ok = await refused.attempt(() =>
      enter({
        entries: [
          {
            kind: 'PIECES_FOUND',
            engine: ask.engine,
            count: found,
            where,
            ...place,
          },
        ],
        undo: `${found} found`,
      }),
    );
    if (!ok) return;
    clearCount();
    clearWhere();
  };
  return (
    <form
      aria-label={sentence(ask.label)}
      className={`grid gap-2 rounded-[4px_14px_14px_4px] border-[1.5px] p-3 ${ask.answered ? 'border-(--color-done)' : 'border-verm'}`}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="flex items-center gap-3">
        <Tick done={ask.answered} />
        <span>
          <b>{sentence(ask.label)}</b>
          <span className="text-soft block text-[14.5px]">
            {missing === 0
              ? 'every piece is found'
              : `${missing} missing: first rising pipe after the pump, exchanger inlet, back to the intake`}
          </span>
        </span>
      </div>
      {may && missing > 0 && (
        <div className="flex flex-wrap items-center gap-2">
          <label className="flex items-center gap-2">
            Found
            <input
              className="box w-20 text-right"
              inputMode="numeric"
              autoComplete="off"
              value={count}
              aria-invalid={error ? true : undefined}
              onChange={(event) => setCount(event.target.value)}
            />
          </label>
          <label className="flex min-w-48 flex-1 items-center gap-2">
            where
            <input
              className="box"
              autoComplete="off"
              value={where}
              onChange={(event) => setWhere(event.target.value)}
            />
          </label>
          <button type="submit" className="btn" disabled={sending}>
            Enter
          </button>
        </div>
      )}
      {error && (
        <p role="alert" className="field-error m-0">
          {error}
        </p>
      )}
    </form>
  );
}

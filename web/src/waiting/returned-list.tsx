import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { QueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { BoatView, CardView, NewEntry, ShelfView } from '../api/client';
import { useEnter } from '../enter/enter';
import { boatQuery, cardQuery, shelfQuery } from '../queries/queries';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { clock } from '../words/words';
import type { ReturnedEntry } from '../offline/database';
import { forgetPictures, line } from '../offline/device';
import { wordsOf } from '../offline/provisional';
import { typedIn } from '../words/typed-quantity';
import { boxIn, unitIn } from '../words/quantity';

/** What the server refused, with the reason; each stays until the person has dealt with it. */
export function ReturnedList({ returned }: { returned: readonly ReturnedEntry[] }) {
  return (
    <ul
      aria-label="Came back"
      className="border-verm bg-card text-ink m-0 grid list-none gap-3 border-b-2 p-[18px]"
    >
      {returned.map((one) => (
        <Returned key={one.seq} one={one} />
      ))}
    </ul>
  );
}

const NUMBERS = ['value', 'liters', 'reading', 'count', 'seconds'];

/** The field with the number that can be put right here, and what it holds. */
function numberOf(entry: NewEntry): { field: string; value: number } | null {
  for (const [field, value] of Object.entries(entry)) {
    if (NUMBERS.includes(field) && typeof value === 'number') return { field, value };
  }
  return null;
}

/** The sign of the unit that number is in; '' where it has none. */
function unitOf(
  field: string,
  entry: NewEntry,
  step: CardView['steps'][number] | undefined,
  queries: QueryClient,
): string {
  if (field === 'liters') return 'L';
  if (field === 'reading' && 'instrument' in entry) {
    const shelf = queries.getQueryData<ShelfView>(shelfQuery.queryKey);
    return shelf?.instruments.find(({ id }) => id === entry.instrument)?.unit ?? '';
  }
  if (field !== 'value' || entry.kind !== 'READING_TAKEN') return '';
  const asked = step?.asks.find((ask) => ask.kind === 'READ' && ask.limit === entry.limit);
  return asked?.kind === 'READ' ? asked.unit : '';
}

function Returned({ one }: { one: ReturnedEntry }) {
  const queries = useQueryClient();
  const { enter, sending } = useEnter(one.boat);
  const wrong = numberOf(one.entry);
  const refused = useRefused([]);
  const boat = queries.getQueryData<BoatView>(boatQuery(one.boat).queryKey);
  const card = one.entry.card
    ? queries.getQueryData<CardView>(cardQuery(one.boat, one.entry.card).queryKey)
    : undefined;
  const step = card?.steps.find(({ key }) => key === one.entry.step);
  const unit = wrong ? unitOf(wrong.field, one.entry, step, queries) : '';
  const [number, setNumber] = useState(wrong ? boxIn(unit, wrong.value) : '');
  const again = () =>
    void refused.attempt(async () => {
      const value = wrong ? typedIn(unit, number, wrong.value) : null;
      // It is said again now: what stood when it was refused may have changed since.
      const said = { ...one.entry, deviceTime: undefined };
      await enter({
        entries: [wrong && value !== null ? { ...said, [wrong.field]: value } : said],
      });
      await line.dealtWith(one);
    });
  return (
    <li className="grid gap-1.5">
      <p className="m-0">
        <b>{boat?.description.name ?? 'A boat'}</b>
        {step && ` · ${step.title}`} · {wordsOf(step, one.entry)}
        <span className="text-soft"> · {clock(one.entry.deviceTime)}</span>
      </p>
      <p className="text-verm m-0 font-semibold">{one.reason}</p>
      <div className="flex flex-wrap items-center gap-3">
        {wrong && (
          <input
            className="box min-h-14 w-28"
            aria-label="Put right"
            inputMode="decimal"
            value={number}
            onChange={(event) => setNumber(event.target.value)}
          />
        )}
        {wrong && unit && <span className="text-soft -ml-2">{unitIn(unit)}</span>}
        <button type="button" className="btn min-h-14" disabled={sending} onClick={again}>
          Send it again
        </button>
        {one.entry.card && (
          <Link className="btn min-h-14" to={`/boats/${one.boat}/cards/${one.entry.card}`}>
            To the card
          </Link>
        )}
        <button
          type="button"
          className="btn min-h-14"
          onClick={() => void line.dealtWith(one).then(() => forgetPictures([one]))}
        >
          Drop it
        </button>
      </div>
      <RefusedLine words={refused.elsewhere} />
    </li>
  );
}

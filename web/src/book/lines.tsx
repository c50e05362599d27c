import { Link } from 'react-router';
import type { BookLine } from '../api/client';
import { dateOf, day, timeOfDay } from '../words/words';

/** Lines of the book, day by day. */
export function BookLines({ lines }: { lines: BookLine[] }) {
  if (lines.length === 0) return <p className="m-0">Nothing in the book is like that.</p>;
  const days = new Map<string, BookLine[]>();
  for (const line of lines) {
    const on = dateOf(line.entry.serverTime);
    days.set(on, [...(days.get(on) ?? []), line]);
  }
  return (
    <>
      {[...days].map(([on, those]) => (
        <section key={on} aria-label={day(on)}>
          <h2 className="stencil border-ink border-b-[1.5px] pb-1 text-[19px]">{day(on)}</h2>
          <ol className="m-0 list-none p-0">
            {those.map((line) => (
              <Line key={line.entry.id} line={line} />
            ))}
          </ol>
        </section>
      ))}
    </>
  );
}

function Line({ line: { boat, name, entry } }: { line: BookLine }) {
  return (
    <li className="border-line grid gap-x-4 border-b py-1.5 text-[14.5px] sm:grid-cols-[110px_130px_1fr]">
      <span className="text-soft">
        {timeOfDay(entry.deviceTime)}, {entry.person}
      </span>
      <Link className="text-ink font-bold no-underline hover:underline" to={`/boats/${boat}`}>
        {name}
      </Link>
      <span className={entry.replaced ? 'text-soft line-through' : ''}>
        {entry.words}
        {entry.oneTap && <span className="text-soft"> · {entry.oneTap}</span>}
        {entry.correctsWords && (
          <span className="text-soft"> · instead of: {entry.correctsWords}</span>
        )}
      </span>
    </li>
  );
}

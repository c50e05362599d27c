import type { DueOfBoat } from '../api/client';
import { dueName, lastWords, whenWords } from '../due/due-words';
import { dateOf, day, number } from '../words/words';

/** What was done last of everything that falls due, and when it is next. */
export function ServiceHistory({ due }: { due: DueOfBoat }) {
  return (
    <section aria-label="What was done last, and what is next">
      <h2 className="stencil text-[20px]">What was done last, and what is next</h2>
      <div className="overflow-x-auto">
        <table className="w-full border-collapse text-left text-[14.5px]">
          <thead>
            <tr className="text-soft">
              {['what', 'every', 'last', 'next'].map((name) => (
                <th key={name} scope="col" className="pr-4 font-normal">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {due.lines.map((line) => (
              <tr key={`${line.engine} ${line.item}`} className="border-line border-t align-top">
                <td className="py-1 pr-4 font-semibold">{dueName(line, due.severalEngines)}</td>
                <td className="py-1 pr-4">{line.every}</td>
                <td className="py-1 pr-4">{lastWords(line).replace('Last ', '')}</td>
                <td className="py-1">{whenWords(line) || line.standingWords}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {due.done.length > 0 && <Done due={due} />}
    </section>
  );
}

/** Every service there is a record of: how an impeller or the oil was found, time after time. */
function Done({ due }: { due: DueOfBoat }) {
  return (
    <>
      <h3 className="m-0 mt-4 text-[16px]">All that was done</h3>
      <ul className="m-0 list-none p-0 text-[14.5px]" aria-label="All that was done">
        {due.done.map((one) => (
          <li key={`${one.engine} ${one.item} ${one.at}`} className="border-line border-b py-1">
            <span className="text-soft">{day(dateOf(one.at))}</span>{' '}
            <b>{dueName(one, due.severalEngines)}</b>
            {one.hours != null && ` at ${number(one.hours, 0)} h`}
            {one.found && `: ${one.found}`}
            <span className="text-soft"> · {one.person}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

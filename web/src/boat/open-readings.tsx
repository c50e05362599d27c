import { Link } from 'react-router';
import type { BoatView } from '../api/client';
import { clock, sentence } from '../words/words';

/** What readings ask for that nobody has put right; and the way to take one. */
export function OpenReadings({ boat, may }: { boat: BoatView; may: boolean }) {
  const some = boat.openReadings.length > 0 || boat.missingPieces.length > 0;
  if (!some && !may) return null;
  return (
    <section aria-label="Readings">
      {some && <h2 className="stencil text-[18px]">Readings to act on</h2>}
      <ul className="m-0 list-none p-0">
        {boat.missingPieces.map(({ engine, count }) => (
          <li key={engine} className="border-line text-verm border-b py-1.5 text-[14.5px]">
            {count} {count === 1 ? 'piece' : 'pieces'} of an impeller still in the{' '}
            {boat.description.engines.length > 1 ? `${engine.toLowerCase()} engine` : 'engine'}
          </li>
        ))}
        {boat.openReadings.map((one) => (
          <li
            key={`${one.engine} ${one.key}`}
            className="border-line border-b py-1.5 text-[14.5px]"
          >
            <b>
              {boat.description.engines.length > 1 && one.engine
                ? `${sentence(one.engine.toLowerCase())}: ${one.name}`
                : sentence(one.name)}
              : {one.found}
            </b>
            <span className={`block ${one.call === 'STOP' ? 'text-verm font-semibold' : ''}`}>
              {one.todo}
            </span>
            <span className="text-soft block text-[13px]">
              {one.by}, {clock(one.at)}
            </span>
          </li>
        ))}
      </ul>
      {may && (
        <p className="m-0 mt-1.5 text-[14.5px]">
          <Link className="plain" to={`/boats/${boat.id}/readings`}>
            take a reading
          </Link>
        </p>
      )}
    </section>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { BoatAhead } from '../api/client';
import { boatsOf } from '../words/words';

const MOST = 6;

interface LateProps {
  ahead: BoatAhead[];
  /** Shows where it is planned, why, and what moving it would mean. */
  show: (boat: string) => void;
  /** Whether what would keep it may be asked. */
  mayAsk: boolean;
}

/** What the plan shown does not keep, by name: nothing late is silent. */
export function Late({ ahead, show, mayAsk }: LateProps) {
  const late = ahead.filter((one) => one.late !== null);
  if (late.length === 0) return null;
  return (
    <section
      aria-label="Late by this plan"
      className="border-verm text-[14px] border-b-2 px-5 py-1.5"
    >
      <h2 className="text-verm m-0 inline text-[14.5px] font-bold">
        {boatsOf(late.length)} late by this plan:
      </h2>
      <ul className="m-0 list-none p-0 sm:columns-2">
        {late.slice(0, MOST).map((one) => (
          <OneLate key={one.boat} {...{ one, show, mayAsk }} />
        ))}
      </ul>
      {late.length > MOST && (
        <details>
          <summary className="plain">{late.length - MOST} more</summary>
          <ul className="m-0 list-none p-0">
            {late.slice(MOST).map((one) => (
              <OneLate key={one.boat} {...{ one, show, mayAsk }} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

type OneProps = Omit<LateProps, 'ahead'> & { one: BoatAhead };

function OneLate({ one, show, mayAsk }: OneProps) {
  const [keeps, setKeeps] = useState<string[] | null>(null);
  const [asking, setAsking] = useState(false);
  const ask = async () => {
    setAsking(true);
    try {
      const body = { keeping: one.boat };
      setKeeps((await got(api.POST('/api/walks/what-if', { body }))).words);
    } finally {
      setAsking(false);
    }
  };
  return (
    <li>
      <Link to={`/boats/${one.boat}`} className="plain text-ink font-bold">
        {one.name}
      </Link>{' '}
      {one.late}.{' '}
      {(one.safeOn ?? one.keptOn) && (
        <button
          type="button"
          className="plain"
          aria-label={`see why: ${one.name}`}
          onClick={() => show(one.boat)}
        >
          see why
        </button>
      )}{' '}
      {mayAsk && (
        <button
          type="button"
          className="plain"
          disabled={asking}
          aria-label={`what would keep it? ${one.name}`}
          onClick={() => void ask().catch(() => setKeeps(['Not to be told now. Try again.']))}
        >
          what would keep it?
        </button>
      )}
      {keeps && (
        <p role="status" className="m-0 font-semibold">
          {keeps.join(' Or: ')}
        </p>
      )}
    </li>
  );
}

import { Link } from 'react-router';
import type { WalksView } from '../api/client';

/** What the draft changes for people who were told, and what there is no room for. */
export function Changes({ walks }: { walks: WalksView }) {
  const { changes, unmet, plan } = walks;
  return (
    <>
      {unmet.boats.length > 0 && (
        <section aria-label="No room" className="grid gap-1 text-[14px]">
          <h2 className="stencil text-verm text-[17px]">No room for {unmet.boats.length}</h2>
          <p className="m-0">Short: {unmet.hoursShort.join(', ')}.</p>
          <ul className="m-0 list-none p-0">
            {unmet.boats.map((boat) => (
              <li key={boat.boat} className="border-line border-t py-1">
                <Link className="text-ink font-bold" to={`/boats/${boat.boat}`}>
                  {boat.name}
                </Link>{' '}
                {boat.words}
              </li>
            ))}
          </ul>
        </section>
      )}
      {plan?.draft && (
        <section aria-label="What changes" className="grid gap-1 text-[14px]">
          <h2 className="stencil text-[17px]">What changes</h2>
          {changes.length === 0 ? (
            <p className="text-soft m-0">Nothing for anybody who was told.</p>
          ) : (
            <ul className="m-0 list-none p-0">
              {changes.map((change) => (
                <li key={change.boat} className="border-line border-t py-1">
                  <Link className="text-ink font-bold" to={`/boats/${change.boat}`}>
                    {change.name}
                  </Link>{' '}
                  {change.words}
                </li>
              ))}
            </ul>
          )}
        </section>
      )}
    </>
  );
}

import type { RoundStanding } from '../api/client';
import { ago } from '../words/words';

/** The last round that was kept, and what it came to. */
export function LastRound({ of }: { of: RoundStanding | null }) {
  if (!of) return <p className="text-soft mt-1 mb-0">no round on record</p>;
  return (
    <div className="mt-1" role="group" aria-label="Last round">
      <p className="text-soft m-0">
        last round: {of.kind === 'FULL' ? 'full' : 'short'},{' '}
        <b className={of.go ? 'text-spruce' : 'text-verm'}>{of.go ? 'go' : 'no-go'}</b>,{' '}
        {ago(of.at)}, {of.by}
      </p>
      {!of.go && <p className="text-soft m-0 text-[14px]">{of.reasons[0]}</p>}
    </div>
  );
}

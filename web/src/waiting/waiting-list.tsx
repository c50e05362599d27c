import { useQueryClient } from '@tanstack/react-query';
import type { BoatView, CardView } from '../api/client';
import { keys } from '../api/keys';
import type { GoingPicture, WaitingEntry } from '../offline/database';
import { dropPicture } from '../offline/take-back';
import { wordsOf } from '../offline/provisional';
import { boatQuery, cardQuery } from '../queries/queries';
import { onYardClock } from '../time/yard-clock';
import { clock } from '../words/words';

interface ListProps {
  entries: readonly WaitingEntry[];
  going: readonly GoingPicture[];
}

const kB = (bytes: number) => Math.round(bytes / 1000);

/** What waits on this device, each thing with how far it is; it can be taken out as a file. */
export function WaitingList({ entries, going }: ListProps) {
  const queries = useQueryClient();
  const nameOf = (boat: string) =>
    queries.getQueryData<BoatView>(boatQuery(boat).queryKey)?.description.name ?? 'A boat';
  const stepOf = ({ boat, entry }: WaitingEntry) =>
    entry.card
      ? queries
          .getQueryData<CardView>(cardQuery(boat, entry.card).queryKey)
          ?.steps.find(({ key }) => key === entry.step)
      : undefined;
  /** What names a picture on a card that was shown here. */
  const entryOf = ({ boat, photo }: GoingPicture) =>
    queries
      .getQueriesData<CardView>({ queryKey: [...keys.boat(boat), 'card'] })
      .flatMap(([, card]) => card?.steps ?? [])
      .flatMap(({ said }) => said)
      .find((one) => one.photo === photo)?.id ?? null;
  const takeOut = () => {
    const file = new Blob([JSON.stringify({ entries, pictures: going }, null, 2)], {
      type: 'application/json',
    });
    const link = document.createElement('a');
    link.href = URL.createObjectURL(file);
    link.download = 'elsko-waiting.json';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <div className="bg-card text-ink border-line grid gap-3 border-b-2 p-[18px]">
      <ul aria-label="What waits" className="m-0 grid list-none gap-2 p-0">
        {entries.map((one) => (
          <li key={one.seq}>
            <b>{nameOf(one.boat)}</b> · {wordsOf(stepOf(one), one.entry)}
            <span className="text-soft">
              {' '}
              · {clock(new Date(onYardClock(one.entry.deviceTime)).toISOString())}
            </span>
          </li>
        ))}
        {going.map((one) => (
          <li key={one.photo} className="flex flex-wrap items-center gap-x-4">
            <span>
              <b>{nameOf(one.boat)}</b> · picture ·{' '}
              {one.refused ? (
                <span className="text-verm font-semibold">{one.refused}</span>
              ) : (
                <span className="text-soft">
                  {one.sent > 0 ? `${kB(one.sent)} kB of it are there` : 'waits'}
                </span>
              )}
            </span>
            {one.refused && (
              <button
                type="button"
                className="btn min-h-14"
                onClick={() => void dropPicture(one, entryOf(one))}
              >
                Drop it
              </button>
            )}
          </li>
        ))}
      </ul>
      <div>
        <button type="button" className="btn min-h-14" onClick={takeOut}>
          Save what waits as a file
        </button>
      </div>
    </div>
  );
}

import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { shelfQuery } from '../api/queries';
import { Choice } from '../parts/field';
import { useUsing } from '../parts/using';
import { ago, number } from '../parts/words';

/** Which lot and which instrument the next entries are made with; said before anything is typed. */
export function SampleWith({ instrument }: { instrument: boolean }) {
  const { data: shelf } = useQuery(shelfQuery);
  const using = useUsing();
  if (!shelf) return null;
  const lot = shelf.lots.find((l) => l.number === using.lot);
  const glass = shelf.instruments.find((i) => i.id === using.instrument);
  return (
    <div className="border-line mt-4 grid gap-3 border-y py-3 sm:grid-cols-2">
      <Choice
        label="Lot on the jug"
        value={using.lot}
        onChoose={using.useLot}
        error={lot?.expired ? `Lot ${lot.number} has expired.` : null}
      >
        <option value="">choose</option>
        {shelf.lots.map((l) => (
          <option key={l.number} value={l.number}>
            {l.number} · {l.productName}
          </option>
        ))}
      </Choice>
      {instrument && (
        <div>
          <Choice
            label="Read with"
            value={using.instrument}
            onChoose={using.useInstrument}
            error={
              glass && !glass.trusted
                ? 'No zero check on clean water that counts today: readings would have to be taken again.'
                : null
            }
            hint={
              glass?.zeroCheckedAt
                ? `${glass.scaleWords}, ±${number(glass.accuracy)} ${glass.unit}; water read ${number(glass.zeroReading!)} ${ago(glass.zeroCheckedAt)}`
                : undefined
            }
          >
            <option value="">choose</option>
            {shelf.instruments.map((i) => (
              <option key={i.id} value={i.id}>
                {i.name}
              </option>
            ))}
          </Choice>
          {glass && !glass.trusted && (
            <Link to="/bench" className="plain text-[15px]">
              Check it on the Bench
            </Link>
          )}
        </div>
      )}
    </div>
  );
}

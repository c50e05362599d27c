import { useEffect } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { shelfQuery } from '../api/queries';
import { Choice } from '../parts/field';
import { useUsing } from '../parts/using';
import { CeilingWords } from './ceiling-words';
import { ago, number } from '../parts/words';

interface SampleWithProps {
  instrument: boolean;
  /** The lot that went into the boat, if one did. */
  filledWith: string | null;
}

/** Which lot and which instrument the next entries are made with; said before anything is typed. */
export function SampleWith({ instrument, filledWith }: SampleWithProps) {
  const { data: shelf } = useQuery(shelfQuery);
  const using = useUsing();
  const { lot: usedLot, instrument: usedInstrument, chooseLot, chooseInstrument } = using;
  // What is in the boat, and an instrument that can be trusted now, are the likely choices.
  useEffect(() => {
    if (!usedLot && filledWith) chooseLot(filledWith);
    const likely = shelf?.instruments.find((i) => i.trusted && i.scale === 'PG_FREEZE');
    if (!usedInstrument && likely) chooseInstrument(likely.id);
  }, [usedLot, usedInstrument, chooseLot, chooseInstrument, filledWith, shelf]);
  if (!shelf) return null;
  const lot = shelf.lots.find((l) => l.number === using.lot);
  const product = shelf.products.find((p) => p.id === lot?.productId);
  const glass = shelf.instruments.find((i) => i.id === using.instrument);
  return (
    <div className="border-line mt-4 grid gap-3 border-y py-3 sm:grid-cols-2">
      <div>
        <Choice
          label="Lot on the jug"
          value={using.lot}
          onChoose={using.chooseLot}
          error={lot?.expired ? `Lot ${lot.number} has expired.` : null}
        >
          <option value="">choose</option>
          {shelf.lots.map((l) => (
            <option key={l.number} value={l.number}>
              {l.number} · {l.productName}
            </option>
          ))}
        </Choice>
        {product && <CeilingWords product={product} />}
      </div>
      {instrument && (
        <div>
          <Choice
            label="Read with"
            value={using.instrument}
            onChoose={using.chooseInstrument}
            error={
              glass && !glass.trusted
                ? 'No zero check on clean water that counts today: readings would have to be taken again.'
                : null
            }
            hint={
              glass?.zeroCheckedAt
                ? `${glass.scaleWords}, ±${number(glass.accuracy)} ${glass.unit}; water read ${number(glass.zeroReading!)}, ${ago(glass.zeroCheckedAt)}`
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

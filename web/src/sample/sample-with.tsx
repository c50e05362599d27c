import { useEffect } from 'react';
import { useQuery } from '@tanstack/react-query';
import { shelfQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { useUsing } from '../parts/using';
import { CeilingWords } from './ceiling-words';
import { InstrumentChoice } from './instrument-choice';

interface SampleWithProps {
  instrument: boolean;
  /** The lot that went into the boat, if one did. */
  filledWith: string | null;
}

/** Which lot and which instrument the next entries are made with; said before anything is typed. */
export function SampleWith({ instrument, filledWith }: SampleWithProps) {
  const { data: shelf } = useQuery(shelfQuery);
  const using = useUsing();
  const { lot: usedLot, chooseLot } = using;
  // What is in the boat is the likely choice.
  useEffect(() => {
    if (!usedLot && filledWith) chooseLot(filledWith);
  }, [usedLot, chooseLot, filledWith]);
  if (!shelf) return null;
  const lot = shelf.lots.find((l) => l.number === using.lot);
  const product = shelf.products.find((p) => p.id === lot?.productId);
  return (
    <div className="border-line mt-4 grid gap-3 border-y py-3 sm:grid-cols-2">
      <div id="lot-on-the-jug" className="scroll-mt-4">
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
      {instrument && <InstrumentChoice shelf={shelf} />}
    </div>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { InstrumentView, ShelfView } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { asTyped, readGlass } from '../sample/device-reading';
import { CeilingWords } from '../sample/ceiling-words';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { readsLike, typedReading } from '../sample/below-zero';
import { ago, day } from '../words/words';
import { ReadingBox } from './reading-box';
import { saidIn, keyIn } from '../words/quantity';

/** What the jug of a lot read with an instrument; the shelf lists it as long as it counts. */
export const jugOf = (shelf: ShelfView, lot: string | null, instrument: string) =>
  shelf.jugs.find((jug) => jug.lot === lot && jug.instrument === instrument);

interface RoundJugProps {
  shelf: ShelfView;
  lot: string;
  instrument: InstrumentView;
  /** The jugs that are on their way, by lot: samples wait for them. */
  onTheirWay: Map<string, Promise<unknown>>;
}

/** The jug of one lot, read once for the whole round. */
export function RoundJug({ shelf, lot: lotNumber, instrument, onTheirWay }: RoundJugProps) {
  const queries = useQueryClient();
  const [text, type, clear] = useDraft(
    keyIn(instrument.unit, `round.jug.${lotNumber}.${instrument.id}`),
  );
  const refused = useRefused(['reading']);
  const lot = shelf.lots.find((l) => l.number === lotNumber);
  const product = shelf.products.find((p) => p.id === lot?.productId);
  const jug = jugOf(shelf, lotNumber, instrument.id);
  const check = () => {
    if (typedReading(text, instrument) !== null) return true;
    refused.refuse(
      new Refusal(
        422,
        'reading',
        `Enter what the jug reads, like ${readsLike(instrument.unit, -19)}.`,
      ),
    );
    return false;
  };
  const enter = async () => {
    const sending = refused.attempt(async () => {
      const next = await got(
        api.POST('/api/bench/jugs', {
          body: {
            lot: lotNumber,
            instrument: instrument.id,
            reading: typedReading(text, instrument)!,
          },
        }),
      );
      queries.setQueryData(shelfQuery.queryKey, next);
    });
    onTheirWay.set(lotNumber, sending);
    if (await sending) clear();
  };
  const read = async () => {
    await refused.attempt(async () => {
      const shown = await readGlass(instrument.id, { lot: lotNumber, jugParts: 1, waterParts: 0 });
      type(asTyped(instrument.unit, shown.reading));
    });
  };
  return (
    <li className="flex items-start gap-3">
      <div className="w-60 text-[14px]">
        <b>{lotNumber}</b> {lot?.productName}
        {lot?.expired && (
          <span className="text-verm block font-semibold">
            This lot expired on {day(lot.expiresOn!)}.
          </span>
        )}
        {product && <CeilingWords product={product} />}
      </div>
      <ReadingBox
        label={`Jug of lot ${lotNumber}`}
        unit={instrument.unit}
        text={text}
        type={type}
        mark={lotNumber}
        check={check}
        enter={() => void enter()}
        read={instrument.kind === 'SIMULATED_DIGITAL' ? read : undefined}
        error={refused.at('reading') ?? refused.elsewhere}
      />
      <span className="text-soft pt-2 text-[13.5px]" role="status">
        {jug
          ? `jug reads ${saidIn(instrument.unit, jug.reading)}, ${ago(jug.at)}`
          : 'read it first'}
      </span>
    </li>
  );
}

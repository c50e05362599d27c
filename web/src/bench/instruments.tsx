import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import type { InstrumentView, ShelfView } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { Refusal } from '../api/refusal';
import { useDraft } from '../offline/draft';
import { Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { useMay } from '../parts/session';
import { CeilingWords } from '../sample/ceiling-words';
import { ago, day, percent } from '../words/words';
import { celsius, keyIn, numberIn, offIn } from '../words/quantity';
import { typedIn } from '../words/typed-quantity';

/** Instruments with their zero check, and what is in the jugs. */
export function Instruments({ shelf }: { shelf: ShelfView }) {
  const may = useMay();
  return (
    <aside aria-label="Instruments and lots" className="px-5 py-4">
      <h2 className="stencil text-[19px]">Instruments</h2>
      {shelf.instruments.length === 0 && (
        <p className="text-soft m-0">None yet. The coordinator adds them under Settings.</p>
      )}
      <ul className="m-0 list-none p-0">
        {shelf.instruments.map((instrument) => (
          <Instrument key={instrument.id} instrument={instrument} mayCheck={may.work} />
        ))}
      </ul>
      <h2 className="stencil mt-5 text-[19px]">Lots</h2>
      {shelf.lots.length === 0 && (
        <p className="text-soft m-0">None yet. The coordinator adds them under Settings.</p>
      )}
      <ul className="m-0 list-none p-0 text-[14.5px]">
        {shelf.lots.map((lot) => {
          const product = shelf.products.find((p) => p.id === lot.productId);
          return (
            <li key={lot.number} className="border-line border-t py-1.5">
              <b>{lot.number}</b> · {lot.productName}
              <span className="text-soft block text-[13.5px]">
                {product?.massFraction != null &&
                  `${percent(product.massFraction)} ${product.base} by mass`}
                {product?.labelRatingC != null &&
                  ` · label ${celsius(product.labelRatingC)} ${product.labelRates?.toLowerCase()}`}
                {lot.expiresOn &&
                  ` · ${lot.expired ? 'expired' : 'good until'} ${day(lot.expiresOn)}`}
              </span>
              {product && <CeilingWords product={product} />}
            </li>
          );
        })}
      </ul>
    </aside>
  );
}

function Instrument({ instrument, mayCheck }: { instrument: InstrumentView; mayCheck: boolean }) {
  const queries = useQueryClient();
  const [text, setText, clear] = useDraft(keyIn(instrument.unit, `zero.${instrument.id}`));
  const refused = useRefused(['reading']);
  const save = async () => {
    const reading = typedIn(instrument.unit, text);
    if (reading === null) {
      refused.refuse(new Refusal(422, 'reading', 'Enter what clean water reads, like 0.'));
      return;
    }
    const ok = await refused.attempt(async () => {
      const shelf = await got(
        api.POST('/api/bench/instruments/{id}/zero-checks', {
          params: { path: { id: instrument.id } },
          body: { reading },
        }),
      );
      queries.setQueryData(shelfQuery.queryKey, shelf);
    });
    if (ok) clear();
  };
  return (
    <li className="border-line border-t py-2.5">
      <div className="flex items-baseline justify-between gap-3">
        <b>
          {instrument.name}
          {instrument.kind === 'SIMULATED_DIGITAL' && (
            <span className="text-brass ml-2 text-[13px] font-semibold">simulated</span>
          )}
        </b>
        <span
          className={`text-[13.5px] font-semibold ${instrument.trusted ? 'text-spruce' : 'text-amber'}`}
        >
          {instrument.trusted ? 'zero checked' : 'needs a zero check'}
        </span>
      </div>
      <p className="text-soft m-0 text-[13.5px]">
        {instrument.kindWords}, {instrument.scaleWords} scale, ±
        {offIn(instrument.unit, instrument.accuracy)}, samples{' '}
        {numberIn('°C', instrument.compensatesFromC)} to {celsius(instrument.compensatesToC)}
        {instrument.zeroCheckedAt &&
          ` · water read ${numberIn(instrument.unit, instrument.zeroReading!)}, ${ago(instrument.zeroCheckedAt)}, ${instrument.zeroCheckedBy}`}
        {' · '}
        <Link to={`/bench/instruments/${instrument.id}`} className="plain">
          {instrument.calibrations.length === 0
            ? 'calibrate'
            : `${instrument.calibrations.length === 1 ? 'curve' : 'curves'} of its own`}
        </Link>
      </p>
      {mayCheck && (
        <form
          aria-label={`Zero check, ${instrument.name}`}
          className="mt-1.5 flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <div className="w-44">
            <Field
              label="Clean water reads"
              unit={instrument.unit}
              value={text}
              onType={setText}
              error={refused.at('reading') ?? refused.elsewhere}
            />
          </div>
          <button type="submit" className="btn">
            Check
          </button>
        </form>
      )}
    </li>
  );
}

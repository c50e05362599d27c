import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import type { InstrumentView, ShelfView } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { clock } from '../words/words';
import { celsius, numberIn, offIn } from '../words/quantity';
import { CalibrationPlot } from './calibration-plot';
import { DilutionSeries } from './dilution-series';

/** The yard's own curve of an instrument, from glasses of a product thinned step by step. */
export function Calibrate() {
  const { instrumentId = '' } = useParams();
  const { data: shelf, error, isPending, refetch } = useQuery(shelfQuery);
  if (isPending) return <Loading what="the instrument" />;
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  const instrument = shelf.instruments.find((i) => i.id === instrumentId);
  if (!instrument) {
    return (
      <p className="m-5">
        There is no such instrument. <Link to="/bench">Back to the Bench</Link>
      </p>
    );
  }
  return <OfInstrument key={instrument.id} shelf={shelf} instrument={instrument} />;
}

function OfInstrument({ shelf, instrument }: { shelf: ShelfView; instrument: InstrumentView }) {
  const may = useMay();
  const [chosen, setChosen] = useState('');
  const product =
    shelf.products.find((p) => p.id === chosen) ??
    shelf.products.find((p) => instrument.calibrations[0]?.productId === p.id) ??
    shelf.products.find((p) => p.massFraction != null);
  const kept = instrument.calibrations.find((c) => c.productId === product?.id);
  return (
    <main className="grid flex-1 content-start lg:grid-cols-[3fr_2fr]">
      <div className="border-line bg-paper-2 border-b px-5 py-2.5 lg:col-span-2">
        <h1 className="font-stencil text-[28px] leading-none font-bold uppercase">
          {instrument.name}
        </h1>
        <p className="text-soft m-0 text-[14px]">
          {instrument.kindWords}, {instrument.scaleWords} scale, ±
          {offIn(instrument.unit, instrument.accuracy)}, samples{' '}
          {numberIn('°C', instrument.compensatesFromC)} to {celsius(instrument.compensatesToC)}
        </p>
      </div>
      <section aria-label="Dilution series" className="border-line px-5 py-4 lg:border-r">
        <h2 className="stencil text-[19px]">Calibrate it</h2>
        <p className="text-soft m-0 mb-3 max-w-prose text-[14px]">
          Thin the product step by step, measure by volume, stir, let it come to the room, read each
          glass. The curve counts for this instrument and this product; readings outside its glasses
          are refused.
        </p>
        <div className="mb-3 w-72">
          <Choice label="Product" value={product?.id ?? ''} onChoose={setChosen}>
            {shelf.products.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </Choice>
        </div>
        {may.work && product && (
          <DilutionSeries
            key={product.id}
            instrument={instrument}
            product={product}
            lot={shelf.lots.find((l) => l.productId === product.id)?.number}
          />
        )}
      </section>
      <section aria-label="Curve in use" className="px-5 py-4">
        <h2 className="stencil text-[19px]">In use{product && ` for ${product.name}`}</h2>
        {kept ? (
          <>
            <p className="text-soft m-0 mb-2 text-[14px]">
              {kept.person}, {clock(kept.madeAt)}, {kept.points.length} glasses
            </p>
            <CalibrationPlot
              points={kept.points.map((p) => ({ x: p.massFraction, reading: p.reading }))}
              across="glycol by mass"
              unit={instrument.unit}
              title={`Curve of ${instrument.name} for ${product?.name}`}
            />
          </>
        ) : (
          <p className="m-0 max-w-prose">
            None yet.{' '}
            {instrument.scale === 'BRIX' || instrument.scale === 'LABEL'
              ? 'On this scale a reading only compares a sample with its jug until there is a curve.'
              : `Readings are taken as the ${instrument.scaleWords} scale says.`}
          </p>
        )}
      </section>
    </main>
  );
}

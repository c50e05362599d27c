import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { InstrumentView, ShelfView } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { Save, Section } from '../parts/section';
import { typedIn } from '../words/typed-quantity';
import { boxIn } from '../words/quantity';

function useShelf() {
  const queries = useQueryClient();
  return (shelf: ShelfView) => queries.setQueryData(shelfQuery.queryKey, shelf);
}

const optional = (unit: string, text: string) =>
  text.trim() === '' ? undefined : (typedIn(unit, text) ?? NaN);

export function AddProduct({ shelf }: { shelf: ShelfView }) {
  const show = useShelf();
  const [name, setName] = useState('');
  const [base, setBase] = useState<'PG' | 'EG'>('PG');
  const [percent, setPercent] = useState('');
  const [rating, setRating] = useState('');
  const [rates, setRates] = useState<'BURST' | 'FREEZE'>('BURST');
  const refused = useRefused(['name', 'base', 'massFraction', 'labelRatingC']);
  const save = async () => {
    const strength = optional('%', percent);
    const ok = await refused.attempt(async () =>
      show(
        await got(
          api.POST('/api/bench/products', {
            body: {
              name,
              base,
              massFraction: strength === undefined ? undefined : strength / 100,
              labelRatingC: optional('°C', rating),
              labelRates: rating.trim() === '' ? undefined : rates,
            },
          }),
        ),
      ),
    );
    if (!ok) return;
    setName('');
    setPercent('');
    setRating('');
  };
  return (
    <Section title="Products" more={shelf.products.map((p) => p.name).join(', ') || 'none yet'}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field label="Name" value={name} onType={setName} error={refused.at('name')} />
        <div className="grid grid-cols-2 gap-3">
          <Choice
            label="Glycol"
            value={base}
            onChoose={(v) => setBase(v as typeof base)}
            error={refused.at('base')}
          >
            <option value="PG">propylene (PG)</option>
            <option value="EG">ethylene (EG)</option>
          </Choice>
          <Field
            label="Glycol by mass"
            unit="%"
            value={percent}
            onType={setPercent}
            error={refused.at('massFraction')}
          />
          <Field
            label="Label says"
            unit="°C"
            value={rating}
            onType={setRating}
            error={refused.at('labelRatingC')}
          />
          <Choice label="and means" value={rates} onChoose={(v) => setRates(v as typeof rates)}>
            <option value="BURST">burst</option>
            <option value="FREEZE">freeze</option>
          </Choice>
        </div>
        <Save action="Add" trouble={refused.elsewhere} />
      </form>
    </Section>
  );
}

export function AddLot({ shelf }: { shelf: ShelfView }) {
  const show = useShelf();
  const [number, setNumber] = useState('');
  const [product, setProduct] = useState('');
  const [expires, setExpires] = useState('');
  const refused = useRefused(['number', 'productId', 'expiresOn']);
  const save = async () => {
    const ok = await refused.attempt(async () =>
      show(
        await got(
          api.POST('/api/bench/lots', {
            body: { number, productId: product || undefined, expiresOn: expires || undefined },
          }),
        ),
      ),
    );
    if (ok) setNumber('');
  };
  return (
    <Section title="Lots" more={shelf.lots.map((lot) => lot.number).join(', ') || 'none yet'}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Choice
          label="Product"
          value={product}
          onChoose={setProduct}
          error={refused.at('productId')}
        >
          <option value="">choose</option>
          {shelf.products.map((p) => (
            <option key={p.id} value={p.id}>
              {p.name}
            </option>
          ))}
        </Choice>
        <div className="grid grid-cols-2 gap-3">
          <Field label="Number" value={number} onType={setNumber} error={refused.at('number')} />
          <Field
            label="Good until"
            type="date"
            value={expires}
            onType={setExpires}
            error={refused.at('expiresOn')}
          />
        </div>
        <Save action="Add" trouble={refused.elsewhere} />
      </form>
    </Section>
  );
}

export function AddInstrument({ shelf }: { shelf: ShelfView }) {
  const show = useShelf();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<InstrumentView['kind']>('REFRACTOMETER');
  const [scale, setScale] = useState<InstrumentView['scale']>('PG_FREEZE');
  const [accuracy, setAccuracy] = useState('1');
  // What a freeze point may be off by is no temperature: it has no zero.
  const spread = scale === 'BRIX' ? '°Bx' : 'K';
  const [from, setFrom] = useState(() => boxIn('°C', 10));
  const [to, setTo] = useState(() => boxIn('°C', 30));
  const refused = useRefused(['name', 'accuracy', 'compensatesFromC', 'compensatesToC']);
  const save = async () => {
    const ok = await refused.attempt(async () =>
      show(
        await got(
          api.POST('/api/bench/instruments', {
            body: {
              name,
              kind,
              scale,
              accuracy: typedIn(spread, accuracy) ?? undefined,
              compensatesFromC: typedIn('°C', from) ?? undefined,
              compensatesToC: typedIn('°C', to) ?? undefined,
            },
          }),
        ),
      ),
    );
    if (ok) setName('');
  };
  return (
    <Section
      title="Instruments"
      more={shelf.instruments.map((i) => i.name).join(', ') || 'none yet'}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field label="Name" value={name} onType={setName} error={refused.at('name')} />
        <div className="grid grid-cols-2 gap-3">
          <Choice label="Kind" value={kind} onChoose={(v) => setKind(v as typeof kind)}>
            <option value="REFRACTOMETER">refractometer</option>
            <option value="HYDROMETER">hydrometer</option>
            <option value="FLOATING_BALLS">floating balls</option>
          </Choice>
          <Choice label="Scale" value={scale} onChoose={(v) => setScale(v as typeof scale)}>
            <option value="PG_FREEZE">PG freeze point</option>
            <option value="EG_FREEZE">EG freeze point</option>
            <option value="LABEL">label rating</option>
            <option value="BRIX">Brix</option>
          </Choice>
          <Field
            label="Accuracy ±"
            unit={spread}
            value={accuracy}
            onType={setAccuracy}
            error={refused.at('accuracy')}
          />
          <span />
          <Field
            label="Samples from"
            unit="°C"
            value={from}
            onType={setFrom}
            error={refused.at('compensatesFromC')}
          />
          <Field
            label="to"
            unit="°C"
            value={to}
            onType={setTo}
            error={refused.at('compensatesToC')}
          />
        </div>
        <Save action="Add" trouble={refused.elsewhere} />
      </form>
    </Section>
  );
}

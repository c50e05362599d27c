import { useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { InstrumentView, ProductView } from '../api/client';
import { shelfQuery } from '../queries/queries';
import { draftOf, keepDraft } from '../offline/draft';
import { Refusal } from '../api/refusal';
import { Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { CalibrationPlot } from './calibration-plot';
import { asTyped, readGlass } from '../sample/device-reading';
import { typedIn } from '../words/typed-quantity';

const GLASSES: { jugParts: number; waterParts: number; words: string }[] = [
  { jugParts: 1, waterParts: 0, words: 'out of the jug' },
  { jugParts: 3, waterParts: 1, words: '3 jug : 1 water' },
  { jugParts: 1, waterParts: 1, words: '1 jug : 1 water' },
  { jugParts: 1, waterParts: 3, words: '1 jug : 3 water' },
  { jugParts: 0, waterParts: 1, words: 'clean water' },
];

const share = ({ jugParts, waterParts }: (typeof GLASSES)[0]) => jugParts / (jugParts + waterParts);
const fieldOf = (index: number) => `glasses[${index}]`;

interface DilutionSeriesProps {
  instrument: InstrumentView;
  product: ProductView;
  /** One of the product's lots, for an instrument that is simulated. */
  lot: string | undefined;
}

/** Five glasses from the jug to water, each with what the instrument shows. */
export function DilutionSeries({ instrument, product, lot }: DilutionSeriesProps) {
  const queries = useQueryClient();
  const draft = `series.${instrument.id}.${product.id}`;
  const [texts, setTexts] = useState<string[]>(() => kept(draft));
  const refused = useRefused(GLASSES.map((_, i) => fieldOf(i)));
  const form = useRef<HTMLFormElement>(null);
  const type = (index: number, text: string) => {
    const next = texts.map((old, i) => (i === index ? text : old));
    keepDraft(draft, JSON.stringify(next));
    setTexts(next);
  };
  const save = async () => {
    const missing = texts.findIndex((text) => typedIn(instrument.unit, text) === null);
    if (missing >= 0) {
      refused.refuse(new Refusal(422, fieldOf(missing), 'Enter what this glass reads, like 12.5.'));
      form.current?.querySelectorAll('input')[missing]?.focus();
      return;
    }
    const ok = await refused.attempt(async () => {
      const shelf = await got(
        api.POST('/api/bench/instruments/{id}/calibrations', {
          params: { path: { id: instrument.id } },
          body: {
            productId: product.id,
            glasses: GLASSES.map(({ jugParts, waterParts }, i) => ({
              jugParts,
              waterParts,
              reading: typedIn(instrument.unit, texts[i]!)!,
            })),
          },
        }),
      );
      queries.setQueryData(shelfQuery.queryKey, shelf);
    });
    if (ok) {
      keepDraft(draft, '');
      setTexts(GLASSES.map(() => ''));
    }
  };
  const read = (index: number) =>
    void refused.attempt(async () => {
      const glass = GLASSES[index]!;
      const shown = await readGlass(instrument.id, {
        ...glass,
        lot: glass.jugParts === 0 ? null : (lot ?? null),
      });
      type(index, asTyped(instrument.unit, shown.reading));
    });
  const digital = instrument.kind === 'SIMULATED_DIGITAL' && lot !== undefined;
  const points = GLASSES.flatMap((glass, i) => {
    const reading = typedIn(instrument.unit, texts[i]!);
    return reading === null ? [] : [{ x: share(glass), reading }];
  });
  return (
    <form
      ref={form}
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <div className="grid gap-x-5 xl:grid-cols-[auto_1fr]">
        <div className="grid content-start gap-3">
          {GLASSES.map((glass, i) => (
            <div key={glass.words} className="flex items-start gap-4">
              <Glass part={share(glass)} />
              <div className="w-52">
                <Field
                  label={glass.words}
                  unit={instrument.unit}
                  inputMode="text"
                  autoComplete="off"
                  value={texts[i]!}
                  onType={(text) => type(i, text)}
                  error={refused.at(fieldOf(i))}
                />
              </div>
              {digital && (
                <button type="button" className="btn mt-6" onClick={() => read(i)}>
                  Read <span className="text-soft font-normal">simulated</span>
                </button>
              )}
            </div>
          ))}
        </div>
        {points.length > 1 && (
          <CalibrationPlot
            points={points}
            across="part of product by volume"
            unit={instrument.unit}
            title="Glasses as read so far"
          />
        )}
      </div>
      <div className="flex flex-wrap items-center gap-3">
        <button type="submit" className="btn btn-main">
          Use this curve
        </button>
        <RefusedLine words={refused.elsewhere} />
      </div>
    </form>
  );
}

function kept(draft: string): string[] {
  const text = draftOf(draft);
  return text ? (JSON.parse(text) as string[]) : GLASSES.map(() => '');
}

/** A glass, paler the more water is in it. */
function Glass({ part }: { part: number }) {
  return (
    <svg viewBox="0 0 40 56" width={34} height={48} aria-hidden="true" className="mt-4 shrink-0">
      <path
        d="M8 14 L11 50 H29 L32 14 Z"
        fill={part === 0 ? '#e1eef6' : '#be5c6c'}
        fillOpacity={part === 0 ? 1 : 0.25 + 0.65 * part}
      />
      <path d="M6 4 L10 52 H30 L34 4" fill="none" stroke="var(--color-ink)" strokeWidth={1.8} />
    </svg>
  );
}

import type { Bottle, InstrumentView, RoundStop } from '../api/client';
import type { Said } from '../api/client';
import { Refusal } from '../api/refusal';
import { asTyped, readLowPoint } from '../sample/device-reading';
import { isShort } from '../parts/short';
import { readsLike, typedReading } from '../sample/below-zero';
import { VerdictWords } from '../sample/verdict-words';
import { useDraft } from '../offline/draft';
import { useRefused } from '../parts/refused';
import { percent, sentence } from '../words/words';
import { ReadingBox } from './reading-box';
import { typedIn } from '../words/typed-quantity';
import { keyIn, numberIn, saidIn } from '../words/quantity';

export type SampleSaid = Extract<Said, { kind: 'SAMPLE_READ' }>;

interface RoundBottleProps {
  stop: RoundStop;
  bottle: Bottle;
  instrument: InstrumentView | undefined;
  temperature: string;
  mayWork: boolean;
  send: (sample: SampleSaid, undo: string) => Promise<unknown>;
  /** Told of each reading that came back. */
  notTaken: (mark: string, refused: boolean) => void;
}

/** One bottle: what it should hold, what it reads, and the verdict. */
export function RoundBottle(props: RoundBottleProps) {
  const { stop, bottle, instrument, temperature, mayWork, send, notTaken } = props;
  const { point } = bottle;
  const [text, type, clear] = useDraft(
    keyIn(instrument?.unit ?? '', `sample.${stop.boat}.${point.key}`),
  );
  const refused = useRefused(['reading', 'temperatureC']);
  const check = () => {
    const wrong = !instrument
      ? 'Choose above what it is read with.'
      : typedReading(text, instrument) === null
        ? `Enter what the scale shows, like ${readsLike(instrument.unit, -18)}.`
        : typedIn('°C', temperature) === null
          ? `Enter above how warm the samples are, like ${numberIn('°C', 15)}.`
          : null;
    if (wrong) refused.refuse(new Refusal(422, 'reading', wrong));
    return wrong === null;
  };
  const enter = async () => {
    const sample: SampleSaid = {
      kind: 'SAMPLE_READ',
      lowPoint: point.key,
      lot: stop.lot!,
      instrument: instrument!.id,
      reading: typedReading(text, instrument)!,
      temperatureC: typedIn('°C', temperature)!,
    };
    const taken = await refused.attempt(() =>
      send(sample, `${bottle.mark} reads ${saidIn(instrument!.unit, sample.reading, 1)}`),
    );
    if (taken) clear();
    notTaken(bottle.mark, !taken);
  };
  const read = async () => {
    await refused.attempt(async () => {
      const shown = await readLowPoint(stop.boat, point.key, instrument!.id);
      type(asTyped(instrument!.unit, shown.reading));
    });
  };
  const digital = instrument?.kind === 'SIMULATED_DIGITAL';
  const said = point.verdict || point.couldNot != null;
  const held = isShort(point);
  return (
    <li
      className={`grid grid-cols-[64px_150px_auto_minmax(0,1fr)] items-start gap-x-3 border-t py-1.5 ${held ? 'border-verm' : 'border-line'}`}
    >
      <b className="font-stencil pt-1.5 text-[19px] leading-tight font-semibold">{bottle.mark}</b>
      <span className="pt-1 text-[14px] leading-tight">
        <b className="font-semibold">{sentence(point.name)}</b>
        <span className="text-soft block text-[13px]">
          {point.predictedMassFraction != null &&
            `predicted ${percent(point.predictedMassFraction)}`}
        </span>
      </span>
      {mayWork ? (
        <ReadingBox
          label={`${bottle.mark}, ${stop.boatName}, ${point.name}`}
          unit={instrument?.unit ?? '°C'}
          text={text}
          type={type}
          mark={bottle.mark}
          check={check}
          enter={() => void enter()}
          read={digital ? read : undefined}
          error={refused.at('reading') ?? refused.at('temperatureC') ?? refused.elsewhere}
        />
      ) : (
        <span />
      )}
      <div className="pt-1 text-[13.5px] leading-snug" role="status">
        {said && (
          <>
            {point.massFraction != null && <b>{percent(point.massFraction)} · </b>}
            <span className="[&>p]:inline">
              <VerdictWords point={point} />
            </span>
            {point.parting && <p className="text-amber m-0 mt-0.5">{point.parting}</p>}
          </>
        )}
      </div>
    </li>
  );
}

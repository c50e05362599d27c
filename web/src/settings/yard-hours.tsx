import { useState } from 'react';
import { api, got } from '../api/client';
import type { CrewView } from '../api/client';
import { Refusal } from '../api/refusal';
import { Field } from '../parts/field';
import { Save } from '../parts/section';
import { useRefused } from '../parts/refused';
import { typedNumber } from '../words/words';
import { clockOf, minuteOf } from '../walks/times';

type Hours = { from: number; to: number };
type Span = [string, string];

const shown = (hours: Hours | null | undefined): Span =>
  hours ? [clockOf(hours.from), clockOf(hours.to)] : ['', ''];

/** Hours typed in two boxes: none where both are empty. */
function typed([from, to]: Span, field: string): Hours | null {
  if (from.trim() === '' && to.trim() === '') return null;
  const hours = { from: minuteOf(from) ?? -1, to: minuteOf(to) ?? -1 };
  if (hours.from < 0 || hours.to <= hours.from) {
    throw new Refusal(
      422,
      field,
      'From one time to a later one, like 08:00 to 15:00; or leave both empty.',
    );
  }
  return hours;
}

function number(text: string, field: string, words: string): number {
  const value = typedNumber(text);
  if (value === null) throw new Refusal(422, field, words);
  return value;
}

/** The hours of the yard itself: light, open doors, the lift and the tide. */
export function YardHours({ crew, took }: { crew: CrewView; took: (crew: CrewView) => void }) {
  const { hours } = crew;
  const [north, setNorth] = useState(String(hours.daylight?.latitude ?? ''));
  const [east, setEast] = useState(String(hours.daylight?.longitude ?? ''));
  const [doors, setDoors] = useState(shown(hours.doors));
  const [lift, setLift] = useState(shown(hours.lift));
  const [hands, setHands] = useState(shown(hours.hands));
  const [day, setDay] = useState(hours.highWater?.at.slice(0, 10) ?? '');
  const [time, setTime] = useState(hours.highWater?.at.slice(11, 16) ?? '');
  const [around, setAround] = useState(String(hours.highWater?.around ?? ''));
  const refused = useRefused([
    'hours.daylight.latitude',
    'hours.daylight.longitude',
    'doors',
    'lift',
    'hands',
    'at',
    'hours.highWater.around',
  ]);
  const daylight = () =>
    north.trim() === '' && east.trim() === ''
      ? null
      : {
          latitude: number(
            north,
            'hours.daylight.latitude',
            'Degrees north, like 54.2; south with a minus.',
          ),
          longitude: number(
            east,
            'hours.daylight.longitude',
            'Degrees east, like 11.5; west with a minus.',
          ),
        };
  const highWater = () => {
    if (day === '' && time.trim() === '' && around.trim() === '') return null;
    const minute = minuteOf(time);
    if (day === '' || minute === null) {
      throw new Refusal(422, 'at', 'Day and time of one high water, like 09:40.');
    }
    return {
      at: `${day}T${clockOf(minute)}:00`,
      around: number(around, 'hours.highWater.around', 'Minutes before and after it, like 90.'),
    };
  };
  const save = () =>
    refused.attempt(async () =>
      took(
        await got(
          api.PUT('/api/walks/means', {
            params: { header: { 'If-Match': `"${crew.version}"` } },
            body: {
              hours: {
                daylight: daylight(),
                doors: typed(doors, 'doors'),
                lift: typed(lift, 'lift'),
                highWater: highWater(),
                hands: typed(hands, 'hands'),
              },
            },
          }),
        ),
      ),
    );
  return (
    <form
      aria-label="Hours of the yard"
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <p className="text-soft col-span-2 m-0 text-[13.5px]">
        Work in the open is planned by daylight, engines in a shed while its doors stand open, boats
        to the lift in its hours and near high water. What is left empty has no hours.
      </p>
      <Field
        label="The yard lies at, ° north"
        value={north}
        onType={setNorth}
        error={refused.at('hours.daylight.latitude')}
      />
      <Field
        label="and ° east"
        value={east}
        onType={setEast}
        error={refused.at('hours.daylight.longitude')}
      />
      <Span label="Shed doors open" span={doors} onType={setDoors} error={refused.at('doors')} />
      <Span label="Lift works" span={lift} onType={setLift} error={refused.at('lift')} />
      <Field
        label="A high water on"
        type="date"
        value={day}
        onType={setDay}
        error={refused.at('at')}
      />
      <Field label="at" value={time} onType={setTime} />
      <Field
        label="Lift works so long before and after"
        unit="min"
        inputMode="numeric"
        value={around}
        onType={setAround}
        error={refused.at('hours.highWater.around')}
        hint="Later tides by the mean interval. The tide table is right: enter one anew each week."
      />
      <span />
      {crew.hands === 'FIXED_HOUR' && (
        <Span
          label="Second hands come"
          span={hands}
          onType={setHands}
          error={refused.at('hands')}
        />
      )}
      <div className="col-span-2">
        <Save action="Save the hours" trouble={refused.elsewhere} />
      </div>
    </form>
  );
}

interface SpanProps {
  label: string;
  span: Span;
  onType: (span: Span) => void;
  error: string | null | undefined;
}

function Span({ label, span: [from, to], onType, error }: SpanProps) {
  return (
    <>
      <Field
        label={`${label} from`}
        value={from}
        onType={(text) => onType([text, to])}
        error={error}
      />
      <Field label={`${label} to`} value={to} onType={(text) => onType([from, text])} />
    </>
  );
}

import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { CrewView } from '../api/client';
import { crewQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { typedNumber } from '../words/words';
import { clockOf, minuteOf } from '../walks/times';
import { Save, Section } from '../parts/section';
import { YardHours } from './yard-hours';

type Worker = CrewView['workers'][number];
type Skill = Worker['skills'][number];
type Equipment = 'TANK_KIT' | 'ADAPTER_SET' | 'REFRACTOMETER' | 'LIFT' | 'BENCH';

const SKILLS: Record<Skill, string> = {
  ENGINE_PETROL: 'petrol engines',
  ENGINE_DIESEL: 'diesel engines',
  SYSTEMS: 'systems',
  RIGGING: 'rigging',
  LIFT: 'the lift',
};

const EQUIPMENT: Record<Equipment, string> = {
  TANK_KIT: 'Tank kits',
  ADAPTER_SET: 'Strainer-adapter sets',
  REFRACTOMETER: 'Refractometers',
  LIFT: 'Lifts',
  BENCH: 'Benches',
};

const DAYS = ['Mo', 'Tu', 'We', 'Th', 'Fr', 'Sa', 'Su'];

/** Crew and hours are planned for, and what they work with. */
export function CrewSection() {
  const queries = useQueryClient();
  const { data: crew } = useQuery(crewQuery);
  const [chosen, setChosen] = useState<Worker | null>(null);
  const [adding, setAdding] = useState(false);
  if (!crew) return null;
  const took = (next: CrewView) => {
    queries.setQueryData(crewQuery.queryKey, next);
    void queries.invalidateQueries({ queryKey: keys.plans });
    setChosen(null);
    setAdding(false);
  };
  return (
    <Section title="Crew and hours" more="Skills, hours and days off that walks are planned with.">
      <ul className="m-0 list-none p-0 text-[14.5px]">
        {crew.workers.map((worker) => (
          <li key={worker.id} className="border-line border-t py-1 first:border-t-0">
            <button
              type="button"
              className="plain font-bold"
              aria-expanded={chosen?.id === worker.id}
              onClick={() => setChosen(chosen?.id === worker.id ? null : worker)}
            >
              {worker.name}
            </button>{' '}
            <span className="text-soft">
              {clockOf(worker.startsAt)} to {clockOf(worker.endsAt)},{' '}
              {worker.skills.map((skill) => SKILLS[skill]).join(', ')}
            </span>
            {chosen?.id === worker.id && <WorkerForm key={worker.id} worker={worker} took={took} />}
          </li>
        ))}
      </ul>
      {adding ? (
        <WorkerForm worker={null} took={took} />
      ) : (
        <div>
          <button type="button" className="btn" onClick={() => setAdding(true)}>
            Add somebody
          </button>
        </div>
      )}
      <MeansForm key={JSON.stringify(crew.equipment) + crew.liftSlots} crew={crew} took={took} />
      <YardHours key={crew.hands + JSON.stringify(crew.hours)} crew={crew} took={took} />
    </Section>
  );
}

interface FormProps {
  worker: Worker | null;
  took: (crew: CrewView) => void;
}

function WorkerForm({ worker, took }: FormProps) {
  const [name, setName] = useState(worker?.name ?? '');
  const [skills, setSkills] = useState<Skill[]>(worker?.skills ?? []);
  const [from, setFrom] = useState(clockOf(worker?.startsAt ?? 8 * 60));
  const [to, setTo] = useState(clockOf(worker?.endsAt ?? 16 * 60 + 30));
  const [weekdays, setWeekdays] = useState(
    worker?.weekdays ?? [true, true, true, true, true, false, false],
  );
  const [off, setOff] = useState('');
  const refused = useRefused(['name', 'skills', 'startsAt', 'endsAt', 'date']);
  const save = () =>
    refused.attempt(async () =>
      took(
        await got(
          api.PUT('/api/walks/crew', {
            params: { header: worker ? { 'If-Match': `"${worker.version}"` } : {} },
            body: {
              name,
              skills,
              startsAt: minuteOf(from) ?? undefined,
              endsAt: minuteOf(to) ?? undefined,
              weekdays,
            },
          }),
        ),
      ),
    );
  const dayOff = (date: string, isOff: boolean) =>
    refused.attempt(async () =>
      took(
        await got(
          api.PUT('/api/walks/crew/{id}/days-off', {
            params: { path: { id: worker!.id } },
            body: { date: date || undefined, off: isOff },
          }),
        ),
      ),
    );
  return (
    <form
      aria-label={worker ? `Change ${worker.name}` : 'Add somebody'}
      className="border-line my-2 grid gap-3 border-l-[3px] pl-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {!worker && <Field label="Name" value={name} onType={setName} error={refused.at('name')} />}
      <fieldset className="m-0 grid grid-cols-2 gap-1 border-0 p-0 text-[14.5px]">
        <legend className="p-0 font-semibold">Can do</legend>
        {(Object.keys(SKILLS) as Skill[]).map((skill) => (
          <label key={skill} className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={skills.includes(skill)}
              onChange={(event) =>
                setSkills(
                  event.target.checked
                    ? [...skills, skill]
                    : skills.filter((other) => other !== skill),
                )
              }
            />
            {SKILLS[skill]}
          </label>
        ))}
        {refused.at('skills') && (
          <p role="alert" className="field-error col-span-2 m-0">
            {refused.at('skills')}
          </p>
        )}
      </fieldset>
      <div className="grid grid-cols-2 gap-3">
        <Field label="From" value={from} onType={setFrom} error={refused.at('startsAt')} />
        <Field label="To" value={to} onType={setTo} error={refused.at('endsAt')} />
      </div>
      <div role="group" aria-label="Working days" className="flex gap-2 text-[14px]">
        {DAYS.map((day, i) => (
          <label key={day} className="grid justify-items-center">
            {day}
            <input
              type="checkbox"
              className="size-5"
              checked={weekdays[i]}
              onChange={(event) =>
                setWeekdays(weekdays.map((on, j) => (j === i ? event.target.checked : on)))
              }
            />
          </label>
        ))}
      </div>
      <Save action={worker ? 'Save' : 'Add'} trouble={refused.elsewhere} />
      {worker && (
        <div className="grid gap-2 text-[14px]">
          <div className="flex items-end gap-2">
            <Field
              label="Day off"
              type="date"
              value={off}
              onType={setOff}
              error={refused.at('date')}
            />
            <button type="button" className="btn" onClick={() => void dayOff(off, true)}>
              Off
            </button>
          </div>
          {worker.daysOff.length > 0 && (
            <p className="m-0">
              Off:{' '}
              {worker.daysOff.map((date) => (
                <button
                  key={date}
                  type="button"
                  className="plain mr-2"
                  aria-label={`Works on ${date} after all`}
                  onClick={() => void dayOff(date, false)}
                >
                  {date} ✕
                </button>
              ))}
            </p>
          )}
          {worker.feedToken && (
            <p className="m-0">
              Calendar:{' '}
              <a className="plain" href={`/api/walks/crew/${worker.id}/walk.ics`} download>
                file
              </a>{' '}
              <a className="plain" href={`/api/walks/feed/${worker.feedToken}.ics`}>
                address of the feed
              </a>{' '}
              <button
                type="button"
                className="plain"
                onClick={() =>
                  void refused.attempt(async () =>
                    took(
                      await got(
                        api.POST('/api/walks/crew/{id}/feed', {
                          params: { path: { id: worker.id } },
                        }),
                      ),
                    ),
                  )
                }
              >
                a new one
              </button>
            </p>
          )}
          <button
            type="button"
            className="plain text-verm justify-self-start"
            onClick={() =>
              void refused.attempt(async () =>
                took(
                  await got(
                    api.DELETE('/api/walks/crew/{id}', { params: { path: { id: worker.id } } }),
                  ),
                ),
              )
            }
          >
            stop planning for them
          </button>
        </div>
      )}
    </form>
  );
}

function MeansForm({ crew, took }: { crew: CrewView; took: (crew: CrewView) => void }) {
  const [counts, setCounts] = useState<Record<string, string>>(
    Object.fromEntries(Object.entries(crew.equipment).map(([kind, n]) => [kind, String(n)])),
  );
  const [slots, setSlots] = useState(String(crew.liftSlots));
  const [hands, setHands] = useState(crew.hands);
  const [learns, setLearns] = useState(crew.learns);
  const refused = useRefused([...Object.keys(EQUIPMENT), 'liftSlots']);
  const save = () =>
    refused.attempt(async () =>
      took(
        await got(
          api.PUT('/api/walks/means', {
            params: { header: { 'If-Match': `"${crew.version}"` } },
            body: {
              equipment: Object.fromEntries(
                Object.entries(counts).map(([kind, text]) => [kind, typedNumber(text) ?? -1]),
              ),
              liftSlots: typedNumber(slots) ?? -1,
              hands,
              learns,
            },
          }),
        ),
      ),
    );
  return (
    <form
      aria-label="Equipment"
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      {(Object.keys(EQUIPMENT) as Equipment[]).map((kind) => (
        <Field
          key={kind}
          label={EQUIPMENT[kind]}
          inputMode="numeric"
          value={counts[kind] ?? '0'}
          onType={(text) => setCounts({ ...counts, [kind]: text })}
          error={refused.at(kind)}
        />
      ))}
      <Field
        label="Lifts in a day"
        inputMode="numeric"
        value={slots}
        onType={setSlots}
        error={refused.at('liftSlots')}
      />
      <div className="col-span-2 grid gap-3">
        <Choice
          label="Where a boat wants two"
          value={hands}
          onChoose={(value) => setHands(value as typeof hands)}
        >
          <option value="WHOLE_BOAT">two do the whole boat</option>
          <option value="WHEN_WANTED">somebody comes when wanted</option>
          <option value="FIXED_HOUR">somebody comes in one fixed hour</option>
        </Choice>
        <label className="flex items-center gap-2 text-[14.5px]">
          <input
            type="checkbox"
            className="size-5"
            checked={learns}
            onChange={(event) => setLearns(event.target.checked)}
          />
          plan by the minutes cards took here
        </label>
        <Save action="Save what there is" trouble={refused.elsewhere} />
      </div>
    </form>
  );
}

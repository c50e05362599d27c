import { keys } from '../api/keys';
import { useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { YardView } from '../api/client';
import { Refusal } from '../api/refusal';
import { catalogQuery, yardQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { typedNumber } from '../words/words';
import { WhatItChanges } from './what-it-changes';
import { Save, Section } from '../parts/section';
import { UnitsPicker } from '../account/units-picker';
import { typedIn } from '../words/typed-quantity';
import { boxIn } from '../words/quantity';

/** Frost standard; a change judges every stored reading again. */
export function NeedForm({ yard }: { yard: YardView }) {
  const queries = useQueryClient();
  const [name, setName] = useState(yard.name);
  const [low, setLow] = useState(boxIn('°C', yard.designLowC));
  const [margin, setMargin] = useState(boxIn('K', yard.marginK));
  const [policy, setPolicy] = useState(yard.policy);
  const [kick, setKick] = useState(yard.kickAllowed);
  const [belts, setBelts] = useState(yard.beltSchool);
  const [units, setUnits] = useState(yard.units);
  const [timeZone, setTimeZone] = useState(yard.timeZone);
  const [address, setAddress] = useState(yard.address);
  const [othersWay, setOthersWay] = useState<string[]>(yard.othersWay);
  const [batteries, setBatteries] = useState(String(yard.batteryYears));
  const [countersign, setCountersign] = useState(yard.countersign);
  const [containers, setContainers] = useState(
    yard.containerLiters.map((one) => boxIn('L', one)).join(', '),
  );
  const [methods, setMethods] = useState<Record<string, string>>(yard.methods);
  const { data: catalog } = useQuery(catalogQuery);
  const refused = useRefused([
    'name',
    'designLowC',
    'marginK',
    'policy',
    'containerLiters',
    'batteryYears',
    'timeZone',
    'address',
  ]);
  const save = () => {
    const years = typedNumber(batteries);
    if (years === null || !Number.isInteger(years)) {
      refused.refuse(new Refusal(422, 'batteryYears', 'Enter whole years, like 4.'));
      return Promise.resolve(false);
    }
    return refused.attempt(async () => {
      const saved = await got(
        api.PUT('/api/yard', {
          params: { header: { 'If-Match': `"${yard.version}"` } },
          body: {
            name,
            designLowC: typedIn('°C', low, yard.designLowC) ?? undefined,
            marginK: typedIn('K', margin, yard.marginK) ?? undefined,
            policy,
            kickAllowed: kick,
            countersign,
            containerLiters: sizes(containers),
            beltSchool: belts,
            batteryYears: years,
            othersWay,
            units,
            timeZone,
            address,
            methods: methods as YardView['methods'],
          },
        }),
      );
      queries.setQueryData(yardQuery.queryKey, saved);
      void queries.invalidateQueries({ queryKey: keys.session });
      void queries.invalidateQueries({ queryKey: keys.boats });
      void queries.invalidateQueries({ queryKey: keys.jobs });
    });
  };
  return (
    <Section title="Frost standard" more="Saving re-checks every stored reading.">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <Field label="Name of the yard" value={name} onType={setName} error={refused.at('name')} />
        <Field
          label="Time zone of the yard"
          hint="its clock, days and walks go by it, wherever a device is"
          list="time-zones"
          value={timeZone}
          onType={setTimeZone}
          error={refused.at('timeZone')}
        />
        <datalist id="time-zones">
          {Intl.supportedValuesOf('timeZone').map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
        <Field
          label="Address of this server"
          placeholder="https://"
          value={address}
          onType={setAddress}
          hint="stands on tags, invitations and owners’ links; empty: the one whoever makes them came by"
          error={refused.at('address')}
        />
        <div className="grid grid-cols-2 gap-3">
          <Field
            label="Design low"
            unit="°C"
            value={low}
            onType={setLow}
            error={refused.at('designLowC')}
          />
          <Field
            label="Margin"
            unit="K"
            value={margin}
            onType={setMargin}
            error={refused.at('marginK')}
          />
        </div>
        <Choice
          label="Policy"
          value={policy}
          onChoose={(value) => setPolicy(value as typeof policy)}
          error={refused.at('policy')}
        >
          <option value="BURST">burst: nothing breaks</option>
          <option value="FREEZE">freeze: no ice at all</option>
          <option value="LABEL">label: trust the maker's rating</option>
        </Choice>
        <WhatItChanges
          yard={yard}
          designLowC={typedIn('°C', low, yard.designLowC)}
          marginK={typedIn('K', margin, yard.marginK)}
          policy={policy}
        />
        <label className="flex items-center gap-2 text-[14.5px]">
          <input
            type="checkbox"
            className="size-5"
            checked={kick}
            onChange={(event) => setKick(event.target.checked)}
          />
          allow a bump of at most 3 s on the starter with every drain out
        </label>
        <label className="flex items-center gap-2 text-[14.5px]">
          <input
            type="checkbox"
            className="size-5"
            checked={countersign}
            onChange={(event) => setCountersign(event.target.checked)}
          />
          a second person countersigns before a circuit counts as proven
        </label>
        <Choice
          label="Tension of belts"
          value={belts}
          onChoose={(value) => setBelts(value as typeof belts)}
        >
          {catalog?.beltSchools.map(({ key, words }) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </Choice>
        <Field
          label="Expected battery life"
          unit="years"
          value={batteries}
          onType={setBatteries}
          error={refused.at('batteryYears')}
        />
        <Field
          label="Containers of descaler"
          unit="L"
          hint="sizes the yard buys, like 1, 5, 20"
          value={containers}
          onType={setContainers}
          error={refused.at('containerLiters')}
        />
        <fieldset className="m-0 grid grid-cols-2 gap-2 border-0 p-0">
          <legend className="mb-1 p-0 text-[14px] font-semibold">
            How engines are winterized here
          </legend>
          {catalog?.layouts
            .filter(({ key }) => key !== 'NONE')
            .map(({ key, words }) => (
              <Choice
                key={key}
                label={words}
                value={methods[key] ?? ''}
                onChoose={(value) => setMethods(changed(methods, key, value))}
              >
                <option value="">as usual</option>
                {catalog.methods.map((method) => (
                  <option key={method.key} value={method.key}>
                    {method.words}
                  </option>
                ))}
              </Choice>
            ))}
        </fieldset>
        <UnitsPicker legend="Units here" units={units} choose={setUnits} />
        <p className="text-soft m-0 -mt-1 text-[13px]">
          For everybody who did not choose their own.
        </p>
        <fieldset className="m-0 grid gap-1.5 border-0 p-0">
          <legend className="mb-1 p-0 text-[14px] font-semibold">
            What falls due: yard’s choice
          </legend>
          {catalog?.twoSchools.map(({ key, words, usual, other }) => (
            <Choice
              key={key}
              label={words}
              value={othersWay.includes(key) ? 'other' : 'usual'}
              onChoose={(value) =>
                setOthersWay([
                  ...othersWay.filter((one) => one !== key),
                  ...(value === 'other' ? [key] : []),
                ])
              }
            >
              <option value="usual">{usual}</option>
              <option value="other">{other}</option>
            </Choice>
          ))}
        </fieldset>
        <Save action="Save" trouble={refused.elsewhere} />
      </form>
    </Section>
  );
}

function changed(methods: Record<string, string>, layout: string, method: string) {
  const others = Object.fromEntries(Object.entries(methods).filter(([other]) => other !== layout));
  return method === '' ? others : { ...others, [layout]: method };
}

/** What is no number is sent as it is, for the server to name. */
function sizes(text: string): number[] {
  return text
    .split(/[;,]\s+|;|\s+/)
    .filter((one) => one !== '')
    .map((one) => typedIn('L', one.replace(/,$/, '')) ?? Number.NaN);
}

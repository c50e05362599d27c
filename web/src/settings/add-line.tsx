import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { YardPlan } from '../api/client';
import { planQuery } from '../queries/queries';
import { Choice, Field } from '../parts/field';
import { useRefused } from '../parts/refused';
import { typedNumber } from '../words/words';
import { Save, Section } from '../parts/section';

/** Adds a line of berths to the yard's plan. */
export function AddLine({ plan }: { plan: YardPlan }) {
  const queries = useQueryClient();
  const [line, setLine] = useState('');
  const [name, setName] = useState('');
  const [kind, setKind] = useState<YardPlan['areas'][number]['kind']>('ROWS');
  const [heated, setHeated] = useState(false);
  const [count, setCount] = useState('12');
  const refused = useRefused(['line', 'kind', 'berths']);
  const lines = [...new Set(plan.berths.map((berth) => berth.line))].sort();
  const save = async () => {
    const ok = await refused.attempt(async () => {
      const next = await got(
        api.POST('/api/yard/lines', {
          body: { line, name, kind, heated, berths: typedNumber(count) ?? undefined },
        }),
      );
      queries.setQueryData(planQuery.queryKey, next);
    });
    if (ok) setLine('');
  };
  return (
    <Section title="Berths" more={`${plan.berths.length} in lines ${lines.join(', ')}`}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <Field
            label="Line"
            value={line}
            onType={setLine}
            placeholder="G"
            error={refused.at('line')}
          />
          <Field
            label="Berths in it"
            value={count}
            onType={setCount}
            error={refused.at('berths')}
          />
        </div>
        <Field label="What it is called" value={name} onType={setName} placeholder="Shed 2" />
        <Choice
          label="Where"
          value={kind}
          onChoose={(v) => setKind(v as typeof kind)}
          error={refused.at('kind')}
        >
          <option value="ROWS">in the open, on stands</option>
          <option value="SHED">in a shed</option>
          <option value="RACK">in a rack</option>
          <option value="DOCK">on the water</option>
        </Choice>
        {kind !== 'DOCK' && (
          <label className="flex items-center gap-2 text-[14.5px]">
            <input
              type="checkbox"
              className="size-5"
              checked={heated}
              onChange={(event) => setHeated(event.target.checked)}
            />
            heated all winter
          </label>
        )}
        <Save action="Add the line" trouble={refused.elsewhere} />
      </form>
    </Section>
  );
}

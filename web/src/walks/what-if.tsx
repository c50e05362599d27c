import { useState } from 'react';
import { api, got } from '../api/client';
import type { WalksView } from '../api/client';
import { Choice } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { shortDay } from '../words/days';

type Kind = 'TANK_KIT' | 'ADAPTER_SET' | 'REFRACTOMETER' | 'LIFT' | 'BENCH';

const MORE: Record<Kind, string> = {
  TANK_KIT: 'one more tank kit',
  ADAPTER_SET: 'one more strainer-adapter set',
  REFRACTOMETER: 'one more refractometer',
  LIFT: 'one more lift',
  BENCH: 'one more bench',
};

const DAYS = 14;
const PROMISE = 'promise';

/** Questions to the plan at hand; nothing of an answer is kept. */
export function WhatIf({ walks }: { walks: WalksView }) {
  const [what, setWhat] = useState('');
  const [until, setUntil] = useState(walks.today);
  const [said, setSaid] = useState<string[] | null>(null);
  const [asking, setAsking] = useState(false);
  const refused = useRefused(['until', 'promisedBy']);
  const people = walks.crew.workers.map(({ name }) => name);
  const isPerson = people.includes(what);
  const ask = (question: () => Promise<string[]>) =>
    void refused.attempt(async () => {
      setAsking(true);
      setSaid(null);
      try {
        setSaid(await question());
      } finally {
        setAsking(false);
      }
    });
  const tryIt = () =>
    ask(async () => {
      const body = isPerson
        ? { without: [what], until }
        : what === PROMISE
          ? { promisedBy: until }
          : { more: what as Kind };
      return (await got(api.POST('/api/walks/what-if', { body }))).words;
    });
  const goHome = () =>
    ask(async () => {
      const { people: can } = await got(api.POST('/api/walks/who-can-go-home'));
      return [
        can.length === 0
          ? 'Nobody: something would be late.'
          : `Any one of these, and nothing more would be late: ${can.join(', ')}.`,
      ];
    });
  return (
    <section aria-label="What if" className="grid gap-2 text-[14px]">
      <h2 className="stencil text-[17px]">What if</h2>
      <div className="grid grid-cols-2 gap-2">
        <Choice label="There is" value={what} onChoose={setWhat}>
          <option value="">choose</option>
          {people.map((name) => (
            <option key={name} value={name}>
              {name} not there
            </option>
          ))}
          <option value={PROMISE}>another boat to promise</option>
          {Object.entries(MORE).map(([kind, words]) => (
            <option key={kind} value={kind}>
              {words}
            </option>
          ))}
        </Choice>
        {(isPerson || what === PROMISE) && (
          <Choice
            label={isPerson ? 'Until' : 'By'}
            value={until}
            onChoose={setUntil}
            error={refused.at('until') ?? refused.at('promisedBy')}
          >
            {walks.loads.slice(0, DAYS).map(({ date }) => (
              <option key={date} value={date}>
                {shortDay(date)}
              </option>
            ))}
          </Choice>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-4">
        <button type="button" className="btn" disabled={what === '' || asking} onClick={tryIt}>
          Try it
        </button>
        <button type="button" className="plain" disabled={asking} onClick={goHome}>
          who can go home today?
        </button>
      </div>
      <div aria-live="polite">
        {asking && <p className="text-soft m-0">Planning it …</p>}
        {said?.map((words) => (
          <p key={words} className="m-0 font-semibold">
            {words}
          </p>
        ))}
      </div>
      <RefusedLine words={refused.elsewhere} />
    </section>
  );
}

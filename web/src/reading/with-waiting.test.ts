import { expect, it } from 'vitest';
import type { NewEntry, ReadingsView } from '../api/client';
import type { WaitingEntry } from '../offline/database';
import { ask } from '../testing/ask';
import { withWaiting } from './with-waiting';

const READINGS: ReadingsView = {
  groups: [
    {
      title: 'Battery',
      hazards: [],
      asks: [
        ask('READ', {
          label: 'at rest',
          limit: 'battery',
          unit: 'V',
          limits: {
            how: '',
            goodLow: 12.4,
            goodHigh: 13.2,
            possibleLow: 0,
            possibleHigh: 60,
            whenGood: 'Good.',
            whenLow: 'Charge it.',
            callLow: 'MEND',
            whenHigh: '',
            callHigh: 'MEND',
            stopFrom: null,
            whenStop: null,
            sets: null,
            against: null,
          },
        }),
        ask('SEE', {
          label: 'smoke',
          condition: {
            key: 'smoke',
            name: 'exhaust smoke',
            how: '',
            findings: [
              { key: 'white', words: 'white cloud', call: 'STOP', todo: 'Stop.', sets: null },
            ],
          },
        }),
      ],
    },
  ],
  last: [],
};

const waits = (entry: Partial<NewEntry>, boat = 'boat') =>
  ({
    boat,
    person: 'technician',
    entry: { id: JSON.stringify(entry), deviceTime: '2026-11-26T08:00:00Z', ...entry },
  }) as WaitingEntry;

it('what waits on this device is judged here until then', () => {
  const shown = withWaiting(READINGS, 'boat', [
    waits({ kind: 'READING_TAKEN', limit: 'battery', value: 11.9 }),
    waits({ kind: 'CONDITION_SEEN', condition: 'smoke', finding: 'white' }),
    waits({ kind: 'NOTED', text: 'cold' }),
    waits({ kind: 'READING_TAKEN', limit: 'battery', value: 13 }, 'another'),
  ]);
  expect(shown).toMatchObject([
    { key: 'battery', found: '11.9 V', call: 'MEND', todo: 'Charge it.', waiting: true },
    { key: 'smoke', found: 'white cloud', call: 'STOP', todo: 'Stop.', waiting: true },
  ]);
});

it('what is taken back before it went up is not shown', () => {
  const taken = waits({ id: 'a', kind: 'READING_TAKEN', limit: 'battery', value: 11.9 });
  expect(
    withWaiting(READINGS, 'boat', [taken, waits({ kind: 'WITHDRAWN', corrects: 'a' })]),
  ).toEqual([]);
});

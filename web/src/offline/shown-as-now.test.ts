import { expect, it } from 'vitest';
import { shownAsNow } from './shown-as-now';

const BOAT = { description: { name: 'Smew' }, circuits: [], contradicted: [] };
const CARD = {
  procedureWords: 'Winterizing',
  gauges: [],
  steps: [
    {
      key: 'warm-up',
      asks: [
        { kind: 'ENGINE', basis: 'FED', standsAgainst: [] },
        { kind: 'READ', limits: { whenGood: 'Good.', callHigh: 'STOP' } },
      ],
    },
  ],
};

it('gives an older boat and card what was added since', () => {
  expect(shownAsNow({ queries: [{ state: { data: BOAT } }] })).toEqual({
    queries: [{ state: { data: { ...BOAT, tags: [], learned: [] } } }],
  });
  expect(shownAsNow(CARD)).toMatchObject({
    tags: [],
    steps: [{ asks: [{ stopped: null }, { limits: { stopFrom: null, sets: null } }] }],
  });
});

it('leaves what is there already', () => {
  const now = { ...BOAT, tags: [{ cause: 'OIL_MILKY' }], learned: [] };
  expect(shownAsNow(now)).toEqual(now);
  expect(shownAsNow(null)).toBeNull();
});

it('gives a circuit its water overboard and a step its hazards', () => {
  const circuit = { kind: 'WASHDOWN', litersUsed: 0, points: [] };
  expect(shownAsNow(circuit)).toEqual({ ...circuit, overboard: true });
  expect(shownAsNow({ ...circuit, kind: 'HEADS' })).toMatchObject({ overboard: false });
  expect(shownAsNow({ ...circuit, kind: 'HEADS', overboard: true })).toMatchObject({
    overboard: true,
  });
  expect(shownAsNow({ steps: [{ hurts: ['Hot.'] }] })).toEqual({ steps: [{ hazards: ['Hot.'] }] });
});

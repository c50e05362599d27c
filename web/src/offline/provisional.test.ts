import { describe, expect, it } from 'vitest';
import type { AskView, BoatView, Call, CardView, NewEntry, Said, StepView } from '../api/client';
import { ask, wanted } from '../testing/ask';
import { provisional } from './provisional';
import { refuseHere } from './refuse-here';

const fitting = (key: string, state: string) => ({
  key,
  state,
  forSample: false,
  states: [
    { state: 'IN', words: 'IN' },
    { state: 'OUT_BAGGED', words: 'OUT, bagged' },
  ],
});
const BOAT = {
  id: 'boat',
  fittings: [fitting('drain', 'IN')],
  inBay: [],
  bag: { expected: 0 },
  circuits: [{ points: [{ key: 'low', seen: null, seenWords: null }] }],
} as unknown as BoatView;

const looked = (key: string, finding: string, call: Call, todo: string) => ({
  key,
  name: key,
  how: '',
  findings: [
    {
      key: finding,
      words: finding,
      call,
      todo,
      sets: call === 'STOP' ? ('OIL_MILKY' as const) : null,
    },
  ],
});
const step = (key: string, asks: AskView[], more: object = {}) =>
  ({
    key,
    title: key,
    standing: 'OPEN',
    asks,
    said: [],
    waitsFor: [],
    ...more,
  }) as unknown as StepView;
const CARD = {
  id: 'card',
  heldBy: 'Tamsa',
  closed: false,
  steps: [
    step('drain', [
      ask('OPEN', {
        lowPoint: 'low',
        fitting: 'drain',
        answers: [[wanted('LOW_POINT_SEEN', { lowPoint: 'low' })]],
        standsAgainst: [
          { fitting: 'drain', state: 'IN', field: 'lowPoint', reason: 'The drain is IN: open it.' },
        ],
      }),
      ask('READ', {
        label: 'gauge holds at',
        limit: 'warm-plateau',
        unit: '°C',
        limits: {
          ...ask('READ').limits,
          goodLow: 71,
          goodHigh: 79,
          possibleHigh: 130,
          whenGood: 'Good.',
        },
        answers: [[wanted('READING_TAKEN', { limit: 'warm-plateau', engine: [null, 'CENTER'] })]],
      }),
    ]),
    step(
      'back',
      [
        ask('SET', {
          fitting: 'drain',
          to: 'IN',
          answered: true,
          restsOnStanding: true,
          answers: [[wanted('FITTING_SET', { fitting: 'drain', state: 'IN' })]],
        }),
        ask('SEE', {
          condition: looked('oil', 'milky', 'STOP', 'Stop: water.'),
          answers: [[wanted('CONDITION_SEEN', { condition: 'oil', engine: null })]],
        }),
        ask('READ', {
          limit: 'belt',
          instead: looked('mark', 'in', 'GOOD', 'Good.'),
          answers: [
            [wanted('READING_TAKEN', { limit: 'belt' })],
            [wanted('CONDITION_SEEN', { condition: 'mark' })],
          ],
        }),
        ask('PIECES', {
          missing: 2,
          answers: [
            [
              {
                kind: 'PIECES_FOUND',
                matches: [{ field: 'count', among: [], orMissing: false, atLeast: 2 }],
              },
            ],
          ],
        }),
      ],
      {
        waitsFor: ['drain'],
      },
    ),
  ],
} as unknown as CardView;

let seq = 0;
type Waits = Said & { step?: string; corrects?: string };
const waits = (entry: Waits) => ({
  seq: ++seq,
  person: 'Orrin',
  boat: 'boat',
  entry: {
    id: `e${seq}`,
    deviceTime: '2031-10-29T08:00:00Z',
    card: 'card',
    step: 'drain',
    ...entry,
  } satisfies NewEntry,
});
const shown = (...entries: Waits[]) => provisional(CARD, BOAT, entries.map(waits));

describe('a card with what waits', () => {
  it('is the card as fetched when nothing waits', () => {
    expect(shown().card).toBe(CARD);
    const elsewhere = { ...waits({ kind: 'STEP_DONE' }), boat: 'other' };
    expect(provisional(CARD, BOAT, [elsewhere]).card).toBe(CARD);
  });

  it('shows a fitting moved, what hangs on it, and the count of the bag', () => {
    const { card, boat } = shown(
      { kind: 'FITTING_SET', fitting: 'drain', state: 'OUT_BAGGED' },
      { kind: 'LOW_POINT_SEEN', lowPoint: 'low', seen: 'RAN_CLEAR' },
    );
    expect(boat.fittings[0]).toMatchObject({ state: 'OUT_BAGGED', stateWords: 'OUT, bagged' });
    expect(boat.bag.expected).toBe(1);
    expect(boat.circuits[0]!.points[0]).toMatchObject({ seenWords: 'ran clear' });
    expect(card.steps[0]!.asks[0]!.answered).toBe(true);
    expect(card.steps[1]!.asks[0]!.answered).toBe(false);
  });

  it('settles a step and frees the one that waited for it', () => {
    const { card } = shown({ kind: 'STEP_DONE' });
    expect(card.steps[0]).toMatchObject({ standing: 'DONE', by: 'Orrin' });
    expect(card.steps[1]!.waitsFor).toEqual([]);
    const done = shown({ kind: 'STEP_DONE' }, { kind: 'STEP_DONE', step: 'back' });
    expect(done.card.closed).toBe(true);
  });

  it('says what a reading comes to, by the range that came with it', () => {
    const { card } = shown({ kind: 'READING_TAKEN', limit: 'warm-plateau', value: 74 });
    expect(card.steps[0]!.said[0]).toMatchObject({
      words: 'Gauge holds at 74 °C',
      judgement: 'Good.',
      waiting: true,
    });
    expect(card.steps[0]!.asks[1]!.answered).toBe(true);
  });

  it('says what was found, and calls a stop out', () => {
    const { card } = shown({
      kind: 'CONDITION_SEEN',
      condition: 'oil',
      finding: 'milky',
      step: 'back',
    });
    expect(card.steps[1]!.asks[1]).toMatchObject({ answered: true, found: 'milky' });
    expect(card.steps[1]!.said[0]).toMatchObject({
      words: 'The ask: milky',
      call: 'STOP',
      judgement: 'Stop: water.',
    });
  });

  it('takes a mark that is seen for the number it stands in for', () => {
    const { card } = shown({
      kind: 'CONDITION_SEEN',
      condition: 'mark',
      finding: 'in',
      step: 'back',
    });
    expect(card.steps[1]!.asks[2]!.answered).toBe(true);
    expect(card.steps[1]!.said[0]!.judgement).toBe('Good.');
  });

  it('counts the pieces of an impeller as found when all are', () => {
    const some = shown({ kind: 'PIECES_FOUND', count: 1, step: 'back' }).card;
    expect(some.steps[1]!.asks[3]!.answered).toBe(false);
    const all = shown({ kind: 'PIECES_FOUND', count: 2, step: 'back' }).card;
    expect(all.steps[1]!.asks[3]!.answered).toBe(true);
  });

  it('leaves out what another waiting entry takes back', () => {
    const done = waits({ kind: 'STEP_DONE' });
    const back = waits({ kind: 'WITHDRAWN', reason: 'undone', corrects: done.entry.id });
    expect(provisional(CARD, BOAT, [done, back]).card.steps[0]!.standing).toBe('OPEN');
  });

  it('opens a step again that the server has as done', () => {
    const card = {
      ...CARD,
      steps: [{ ...CARD.steps[0]!, standing: 'DONE', said: [{ id: 's', kind: 'STEP_DONE' }] }],
    } as unknown as CardView;
    const after = provisional(card, BOAT, [
      waits({ kind: 'WITHDRAWN', reason: 'undone', corrects: 's' }),
    ]).card;
    expect(after.steps[0]!.standing).toBe('OPEN');
  });

  it('knows who goes on with it and who is in the bay', () => {
    expect(shown({ kind: 'CARD_TAKEN' }).card.heldBy).toBe('Orrin');
    expect(shown({ kind: 'HANDED_OVER', to: 'Ines' }).card.heldBy).toBe('Ines');
    expect(shown({ kind: 'BAY_ENTERED' }).boat.inBay).toEqual(['Orrin']);
    expect(shown({ kind: 'BAY_ENTERED' }, { kind: 'BAY_LEFT' }).boat.inBay).toEqual([]);
  });
});

describe('what would be refused', () => {
  const refused = (...entries: Waits[]) => {
    const made = entries.map((entry) => waits(entry).entry);
    return () => refuseHere(CARD, BOAT, [], made);
  };

  it('is refused here, in the words of the interlock', () => {
    expect(refused({ kind: 'LOW_POINT_SEEN', lowPoint: 'low', seen: 'RAN_CLEAR' })).toThrow(
      'The drain is IN: open it.',
    );
  });

  it('goes through once what stood in the way is set right, before it or beside it', () => {
    const out = { kind: 'FITTING_SET', fitting: 'drain', state: 'OUT_BAGGED' } as const;
    const seen = { kind: 'LOW_POINT_SEEN', lowPoint: 'low', seen: 'RAN_CLEAR' } as const;
    expect(refused(out, seen)).not.toThrow();
    expect(() => refuseHere(CARD, BOAT, [waits(out)], [waits(seen).entry])).not.toThrow();
  });

  it('is left to the server with signal, but for a stop', () => {
    const seen = { kind: 'LOW_POINT_SEEN', lowPoint: 'low', seen: 'RAN_CLEAR' } as const;
    expect(refused(seen)).toThrow();
    expect(() => refuseHere(CARD, BOAT, [], [waits(seen).entry], 'stops')).not.toThrow();
    expect(() => refuseHere(CARD, BOAT, [waits(milky)], [waits(started).entry], 'stops')).toThrow(
      'Red tag.',
    );
  });

  const started = { kind: 'ENGINE_STARTED', basis: 'FED', engine: 'CENTER' } as const;
  const milky = {
    kind: 'CONDITION_SEEN',
    condition: 'oil',
    finding: 'milky',
  } as const;

  it('a start after a stop that was said here and has not gone up', () => {
    expect(refused(milky, started)).toThrow('Red tag. The ask: milky. No start before');
    expect(refused(milky, { kind: 'CRANKED', seconds: 5 })).toThrow('Red tag.');
    expect(() => refuseHere(CARD, BOAT, [waits(milky)], [waits(started).entry])).toThrow(
      'Red tag.',
    );
  });

  it('no start once what was done about it is said too, nor one before it', () => {
    const remedied = {
      kind: 'TAG_REMEDIED',
      cause: 'OIL_MILKY',
      remedy: 'oil-changed',
    } as const;
    expect(refused(milky, remedied, started)).not.toThrow();
    expect(refused(started, milky)).not.toThrow();
  });

  it('is left to the server where nothing is known of it', () => {
    expect(refused({ kind: 'NOTED', text: 'so' })).not.toThrow();
  });

  it('shows a picture at its fitting, and words added later leave it as old as it is', () => {
    const taken = (seq: number, caption?: string) => ({
      seq,
      person: 'Tamsa',
      boat: 'boat',
      entry: {
        kind: 'PHOTO_TAKEN' as const,
        id: `e${seq}`,
        photo: 'p1',
        fitting: 'drain',
        card: 'card',
        step: 'drain',
        deviceTime: `2030-11-0${seq}T09:00:00Z`,
        ...(caption && { caption }),
      } as NewEntry,
    });
    const { boat, card } = provisional(CARD, BOAT, [taken(1), taken(2, 'by feel')]);
    expect(boat.fittings[0]!.photo).toEqual({
      fitting: 'drain',
      photo: 'p1',
      taken: '2030-11-01T09:00:00Z',
      words: 'by feel',
    });
    expect(card.steps[0]!.said.map(({ photo }) => photo)).toEqual([null, null]);
  });
});

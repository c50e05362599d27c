import { describe, expect, it } from 'vitest';
import type { AskView, BoatView, StepView } from '../../api/client';
import { ask } from '../../testing/ask';
import { bundleOf } from './bundle';
import { barWords, readyWords, standingWords } from './words';

const drain = (key: string, state = 'IN') => ({
  key: `${key}-drain`,
  name: `${key} drain`,
  kind: 'DRAIN_PLUG',
  state,
  forSample: false,
  states: [
    { state: 'IN', words: 'IN' },
    { state: 'OUT_BAGGED', words: 'OUT, bagged' },
  ],
});

const KEYS = ['port-block', 'port-manifold', 'starboard-block', 'starboard-manifold'];

const boat = (seen: Record<string, string> = {}) =>
  ({
    id: 'boat',
    bag: { expected: 0 },
    inBay: [],
    description: { accessories: {} },
    fittings: KEYS.map((key) => drain(key)),
    circuits: [{ points: KEYS.map((key) => ({ key, empty: false, seen: seen[key] ?? null })) }],
  }) as unknown as BoatView;

const open = (key: string, over = {}) =>
  ask('OPEN', {
    label: key.replace('-', ' '),
    bundled: true,
    lowPoint: key,
    fitting: `${key}-drain`,
    to: 'OUT_BAGGED',
    ...over,
  });

const step = (...asks: AskView[]) =>
  ({ key: 'drain', title: 'Drain', asks, said: [] }) as unknown as StepView;
const USED = { lot: 'P38' };

describe('the bar', () => {
  it('says what four drains and the bag come to, and writes each of them', () => {
    const count = ask('COUNT', { label: 'plugs in the bag', bundled: true });
    const drains = step(...KEYS.map((key) => open(key)), count);
    const bundle = bundleOf(drains, boat(), USED);
    expect(barWords(drains, boat(), bundle)).toEqual({
      main: 'Four ran clear',
      beside: '4 plugs in the bag',
    });
    expect(bundle.writes.flatMap(({ entries }) => entries.map(({ kind }) => kind))).toEqual([
      ...KEYS.flatMap(() => ['FITTING_SET', 'LOW_POINT_SEEN']),
      'BAG_COUNTED',
    ]);
    expect(bundle.writes.at(-1)!.entries).toEqual([{ kind: 'BAG_COUNTED', count: 4 }]);
  });

  it('repeats what was answered by itself', () => {
    const drains = step(
      open('port-block', { answered: true }),
      open('port-manifold'),
      open('starboard-block', { answered: true }),
      open('starboard-manifold'),
    );
    const now = boat({ 'port-block': 'RAN_AFTER_RODDING', 'starboard-block': 'DID_NOT_RUN' });
    expect(barWords(drains, now, bundleOf(drains, now, USED)).main).toBe(
      'Two ran clear, one ran after rodding, one did not run',
    );
  });

  it('leaves to its own row what gave trouble before, and what is measured', () => {
    const troubled = open('port-block', { bundled: false, trouble: '2030: ran after rodding' });
    const drains = step(troubled, open('port-manifold'), ask('JUG'));
    const { alone, writes } = bundleOf(drains, boat(), USED);
    expect(alone.map(({ kind }) => kind)).toEqual(['OPEN', 'JUG']);
    expect(writes.map(({ ask: { label } }) => label)).toEqual(['port manifold']);
  });

  it('asks once more what stands, and writes it where the step moves it on the way', () => {
    const off = ask('SET', {
      label: 'port block drain OUT',
      bundled: true,
      fitting: 'port-block-drain',
      to: 'OUT_BAGGED' as never,
    });
    const back = ask('SET', {
      label: 'port block drain IN',
      bundled: true,
      answered: true,
      restsOnStanding: true,
      fitting: 'port-block-drain',
      to: 'IN',
    });
    expect(standingWords(bundleOf(step(back), boat(), USED).standing)).toBe(
      'Port block drain IN: still so?',
    );
    const both = bundleOf(step(off, back), boat(), USED);
    expect(both.standing).toEqual([]);
    expect(both.writes.map(({ ask: { label } }) => label)).toEqual([off.label, back.label]);
  });

  it('claims nothing of what is looked at once something of the step is a STOP', () => {
    const look = ask('SEE', {
      label: 'look',
      bundled: true,
      condition: { key: 'look', name: 'look', how: '', findings: [{ key: 'sound' } as never] },
    });
    const fine = step(look);
    expect(bundleOf(fine, boat(), USED).writes).toHaveLength(1);
    const bad = { ...fine, said: [{ call: 'STOP' }] } as unknown as StepView;
    expect(bundleOf(bad, boat(), USED)).toMatchObject({ writes: [], alone: [{ label: 'look' }] });
  });

  it('says how much is poured in how many places', () => {
    const pour = step(
      ...[9.975, 2.85, 0.665].map((liters, i) =>
        ask('FILL', {
          label: `hose ${i}`,
          bundled: true,
          pourPoint: `hose-${i}`,
          liters,
          watch: 'until it runs over',
        }),
      ),
    );
    const bundle = bundleOf(pour, boat(), USED);
    expect(barWords(pour, boat(), bundle).main).toBe(
      'Poured 13.6 L in three places, each until its sign',
    );
    expect(bundle.writes[0]!.entries[0]).toMatchObject({
      kind: 'FLUID_USED',
      lot: 'P38',
      liters: 10,
    });
  });

  it('starts an engine by a target of its own, with what is made ready for it', () => {
    const water = ask('SET', {
      label: 'muffs on, water on',
      bundled: true,
      fitting: 'feed',
      to: 'HOSE' as never,
    });
    const start = ask('ENGINE', { label: 'start the engine', start: true });
    const stop = ask('ENGINE', { label: 'stop the engine', start: false, bundled: true });
    const before = bundleOf(step(water, start, stop), boat(), USED);
    expect(before.start).toBe(start);
    expect(readyWords(before, boat())).toBe('Muffs on, water on');
    const run = step({ ...water, answered: true }, { ...start, answered: true }, stop);
    const after = bundleOf(run, boat(), USED);
    expect(after.start).toBeNull();
    expect(barWords(run, boat(), after).main).toBe('Engine stopped');
  });

  it('counts many of a kind instead of naming them', () => {
    const back = KEYS.map((key) =>
      ask('SET', { label: `${key} IN`, bundled: true, fitting: `${key}-drain`, to: 'IN' }),
    );
    const plugs = step(...back);
    expect(barWords(plugs, boat(), bundleOf(plugs, boat(), USED)).main).toBe('All four drains IN');
  });

  it('of a step that asks nothing says that it is done', () => {
    expect(barWords(step(), boat(), bundleOf(step(), boat(), USED))).toEqual({
      main: 'Done',
      beside: '',
    });
  });
});

import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from './database';
import { Line } from './line';
import { Sender } from './sending';
import { remember, stampOf } from './told';

interface Sent {
  path: string;
  ids: string[];
  sentAt: string;
}

const note = (id: string) => ({
  id,
  kind: 'NOTED' as const,
  text: 'a note',
  deviceTime: '2031-10-29T08:00:00Z',
});
const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });

let line: Line;
let queries: QueryClient;
let sender: Sender;
let sent: Sent[];
let answer: (one: Sent) => Response | Promise<Response>;

const after = (boat: object = {}, entries = 1) => ({
  entries,
  line: { id: 'a' },
  boat: { stamp: 's1', whole: boat, changes: null },
  card: null,
  timers: [],
});
const kept = (ids: string[]) => ids.map((id) => ({ id, field: null, reason: null }));

/** The server as it is when all is well: it keeps everything. */
const keepsAll = ({ ids }: Sent) => json(200, { answers: kept(ids), after: after() });

beforeEach(() => {
  queries = new QueryClient();
  queries.setQueryData(['session'], { name: 'Orrin' });
  const db = openDatabase(`sending-${Math.random()}`);
  line = new Line(() => db, null);
  sender = new Sender(line, queries);
  sent = [];
  answer = keepsAll;
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text();
    const body = (text ? JSON.parse(text) : { entries: [], sentAt: '' }) as {
      entries: { id: string }[];
      sentAt: string;
    };
    const one = {
      path: new URL(request.url).pathname,
      ids: body.entries.map(({ id }) => id),
      sentAt: body.sentAt,
    };
    sent.push(one);
    return answer(one);
  });
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const many = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, i) => note(`n${from + i}`));

describe('what waits goes up', () => {
  it('in order, a hundred at a time, boat by boat', async () => {
    await line.hold('Orrin', 'a', many(1, 150));
    await line.hold('Orrin', 'b', many(151, 160));
    await line.hold('Tamsa', 'a', many(161, 162));
    await sender.all();
    expect(sent.map(({ path, ids }) => [path, ids.length])).toEqual([
      ['/api/boats/a/waiting-entries', 100],
      ['/api/boats/a/waiting-entries', 50],
      ['/api/boats/b/waiting-entries', 10],
    ]);
    expect(sent.flatMap(({ ids }) => ids)).toEqual(many(1, 160).map(({ id }) => id));
    expect(sent[0]!.sentAt).toMatch(/^\d{4}-/);
    expect(line.toSend('Tamsa')).toHaveLength(2);
  });

  it('again with the same ids when nobody answered', async () => {
    answer = () => Promise.reject(new TypeError('no network'));
    await line.hold('Orrin', 'a', [note('x')]);
    await sender.all();
    expect(line.state.signal).toBe(false);
    expect(line.toSend('Orrin')).toHaveLength(1);
    answer = () => json(503, {});
    await sender.all();
    answer = keepsAll;
    await sender.all();
    expect(sent.map(({ ids }) => ids)).toEqual([['x'], ['x'], ['x']]);
    expect(line.state.signal).toBe(true);
    expect(line.toSend('Orrin')).toEqual([]);
  });

  it('and what is refused comes back, the rest is kept', async () => {
    answer = ({ ids }) =>
      json(200, {
        answers: ids.map((id) =>
          id === 'bad' ? { id, field: 'liters', reason: 'OUT' } : { id, field: null, reason: null },
        ),
        after: after(),
      });
    await line.hold('Orrin', 'a', [note('one'), note('bad'), note('two')]);
    await sender.all();
    expect(line.toSend('Orrin')).toEqual([]);
    expect(line.state.returned.map(({ entry, reason }) => [entry.id, reason])).toEqual([
      ['bad', 'OUT'],
    ]);
  });

  it('one by one when the server cannot read one of them', async () => {
    answer = (one) =>
      one.ids.includes('odd')
        ? json(400, { detail: 'Not one of these.', field: 'entries[1].kind' })
        : keepsAll(one);
    await line.hold('Orrin', 'a', [note('one'), note('odd'), note('two')]);
    await sender.all();
    expect(sent.map(({ ids }) => ids)).toEqual([['one', 'odd', 'two'], ['one'], ['odd'], ['two']]);
    expect(line.state.returned.map(({ entry }) => entry.id)).toEqual(['odd']);
    expect(line.toSend('Orrin')).toEqual([]);
  });

  it('and when nothing waits it is still noticed that there is signal again', async () => {
    line.hasSignal(false);
    answer = () => Promise.reject(new TypeError('no network'));
    await sender.all();
    expect(line.state.signal).toBe(false);
    answer = () => json(200, {});
    await sender.all();
    expect(line.state.signal).toBe(true);
    expect(sent.map(({ path }) => path)).toEqual(['/api/welcome', '/api/welcome']);
  });

  it('and stays in line when the session has ended', async () => {
    answer = () => json(401, { detail: 'Sign in first.', field: 'session' });
    await line.hold('Orrin', 'a', [note('x')]);
    await sender.all();
    expect(line.state.returned).toEqual([]);
    expect(line.toSend('Orrin')).toHaveLength(1);
  });
});

const looking = () => true;

describe('what was just typed', () => {
  it('is thrown back at once when it is refused', async () => {
    answer = ({ ids }) =>
      json(200, {
        answers: [{ id: ids[0], field: 'liters', reason: 'Must be above 0 L.' }],
        after: after(),
      });
    const held = await line.hold('Orrin', 'a', [note('x')]);
    await expect(sender.now(held, looking)).rejects.toThrow('Must be above 0 L.');
    expect(line.state.waiting).toEqual([]);
    expect(line.state.returned).toEqual([]);
  });

  it('comes back to whoever does not look any more', async () => {
    answer = () => json(422, { detail: 'Must be above 0 L.', field: 'liters' });
    await sender.now(await line.hold('Orrin', 'a', [note('x')]), () => false);
    expect(line.state.waiting).toEqual([]);
    expect(line.state.returned).toMatchObject([{ field: 'liters', reason: 'Must be above 0 L.' }]);
  });

  it('waits when there is no signal, and goes up by itself', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    answer = () => Promise.reject(new TypeError('no network'));
    const held = await line.hold('Orrin', 'a', [note('x')]);
    await sender.now(held, looking);
    expect(line.toSend('Orrin')).toHaveLength(1);
    answer = keepsAll;
    vi.advanceTimersByTime(2_000);
    vi.useRealTimers();
    await vi.waitFor(() => expect(line.toSend('Orrin')).toEqual([]));
    expect(sent).toHaveLength(2);
  });

  it('goes up together when the signal is slow', async () => {
    let slow: (answer: Response) => void = () => undefined;
    answer = () => new Promise<Response>((said) => (slow = said));
    const first = sender.now(await line.hold('Orrin', 'a', [note('n1')]), looking);
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    const others = [2, 3, 4].map(async (n) =>
      sender.now(await line.hold('Orrin', 'a', [note(`n${n}`)]), looking),
    );
    await vi.waitFor(() => expect(line.toSend('Orrin')).toHaveLength(4));
    answer = keepsAll;
    slow(keepsAll(sent[0]!));
    await Promise.all([first, ...others]);
    expect(sent.map(({ ids }) => ids)).toEqual([['n1'], ['n2', 'n3', 'n4']]);
  });
});

describe('a change that is heard of', () => {
  const stale = (...key: string[]) => queries.getQueryState(key)?.isInvalidated;

  /** Sends one note, which is the log's fifth; logs of that length are heard of meanwhile. */
  async function sendsWhileHearing(logs: (number | null)[], refused = false) {
    queries.setQueryData(['boat', 'a'], { old: true });
    queries.setQueryData(['boat', 'a', 'log'], {});
    answer = ({ ids }) => {
      for (const entries of logs) expect(sender.heardOf('a', entries)).toBe(true);
      expect(sender.heardOf('b', 7)).toBe(false);
      return refused
        ? json(422, { field: 'text', detail: 'no' })
        : json(200, { answers: kept(ids), after: after({ told: true }, 5) });
    };
    const held = await line.hold('Orrin', 'a', [note('n1')]);
    await sender.now(held, looking).catch(() => undefined);
  }

  it('is this one: the boat came with the answer, what follows from it is asked for', async () => {
    await sendsWhileHearing([5]);
    expect(queries.getQueryData(['boat', 'a'])).toEqual({ told: true });
    expect(stale('boat', 'a')).toBe(false);
    expect(stale('boat', 'a', 'log')).toBe(true);
  });

  it('and is not asked for when it is only heard of afterwards', async () => {
    await sendsWhileHearing([]);
    expect(sender.heardOf('a', 5)).toBe(true);
    expect(sender.heardOf('a', 6)).toBe(false);
    expect(sender.heardOf('a', null)).toBe(false);
    sender.startsOver();
    expect(sender.heardOf('a', 1)).toBe(false);
  });

  it('may be another’s as well: then the boat is asked for too', async () => {
    await sendsWhileHearing([5, 6]);
    expect(stale('boat', 'a')).toBe(true);
  });

  it('may be another description of the boat', async () => {
    await sendsWhileHearing([null]);
    expect(stale('boat', 'a')).toBe(true);
  });

  it('is not lost when this one is refused', async () => {
    await sendsWhileHearing([6], true);
    expect(stale('boat', 'a')).toBe(true);
    expect(stale('boat', 'a', 'log')).toBe(true);
  });
});

describe('what the screens show after it went up', () => {
  it('is the boat as it stands after it, not an answer that was made before', async () => {
    let late: (boat: { stands: string }) => void = () => undefined;
    queries.setQueryData(['boat', 'a'], { stands: 'at first' });
    void queries
      .fetchQuery({
        queryKey: ['boat', 'a'],
        queryFn: () => new Promise<{ stands: string }>((said) => (late = said)),
      })
      .catch(() => undefined);
    answer = ({ ids }) => json(200, { answers: kept(ids), after: after({ stands: 'after' }) });
    await sender.now(await line.hold('Orrin', 'a', [note('x')]), looking);
    late({ stands: 'before' });
    await vi.waitFor(() => expect(queries.isFetching()).toBe(0));
    expect(queries.getQueryData(['boat', 'a'])).toEqual({ stands: 'after' });
  });

  it('is what was shown with what differs, and no more is asked for', async () => {
    remember('boat a', 's0', { name: 'Teal', drains: [{ key: 'block', state: 'IN' }] });
    queries.setQueryData(['boats'], [{ id: 'a' }, { id: 'b' }]);
    queries.setQueryData(['timers'], { timers: [{ boat: 'a' }, { boat: 'b', dueAt: '2031' }] });
    answer = ({ ids }) =>
      json(200, {
        answers: kept(ids),
        after: {
          ...after(),
          line: { id: 'a', afloat: true },
          boat: {
            stamp: 's1',
            changes: [{ op: 'replace', path: '/drains/0/state', value: 'OUT' }],
          },
        },
      });
    await sender.now(await line.hold('Orrin', 'a', [note('x')]), looking);
    expect(queries.getQueryData(['boat', 'a'])).toEqual({
      name: 'Teal',
      drains: [{ key: 'block', state: 'OUT' }],
    });
    expect(queries.getQueryData(['boats'])).toEqual([{ id: 'a', afloat: true }, { id: 'b' }]);
    expect(queries.getQueryData(['timers'])).toEqual({ timers: [{ boat: 'b', dueAt: '2031' }] });
    expect(stampOf('boat a')).toBe('s1');
    expect(sent).toHaveLength(1);
  });
});

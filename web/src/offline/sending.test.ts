import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from './database';
import { Line } from './line';
import { Sender } from './sending';

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
let answer: (one: Sent) => Response | Promise<never>;

/** The server as it is when all is well: it keeps everything. */
const keepsAll = ({ ids, path }: Sent) =>
  json(
    200,
    path.endsWith('/entries')
      ? { ids, boat: {} }
      : { answers: ids.map((id) => ({ id, field: null, reason: null })), boat: {} },
  );

beforeEach(() => {
  queries = new QueryClient();
  queries.setQueryData(['session'], { name: 'Orrin' });
  line = new Line(openDatabase(`sending-${Math.random()}`), null);
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
        boat: {},
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

describe('what was just typed', () => {
  it('is thrown back at once when it is refused', async () => {
    answer = () => json(422, { detail: 'Must be above 0 L.', field: 'liters' });
    const held = await line.hold('Orrin', 'a', [note('x')]);
    await expect(sender.now(held)).rejects.toThrow('Must be above 0 L.');
    expect(line.state.waiting).toEqual([]);
    expect(line.state.returned).toEqual([]);
  });

  it('waits when there is no signal, and goes up by itself', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    answer = () => Promise.reject(new TypeError('no network'));
    const held = await line.hold('Orrin', 'a', [note('x')]);
    await sender.now(held);
    expect(line.toSend('Orrin')).toHaveLength(1);
    answer = keepsAll;
    vi.advanceTimersByTime(2_000);
    vi.useRealTimers();
    await vi.waitFor(() => expect(line.toSend('Orrin')).toEqual([]));
    expect(sent.map(({ path }) => path)).toEqual([
      '/api/boats/a/entries',
      '/api/boats/a/waiting-entries',
    ]);
  });
});

describe('a change that is heard of while entries are on their way', () => {
  const stale = (...key: string[]) => queries.getQueryState(key)?.isInvalidated;

  /** Sends one note; so many changes of its boat are heard before the answer comes. */
  async function sendsWhileHearing(times: number, refused = false) {
    queries.setQueryData(['boat', 'a'], { old: true });
    queries.setQueryData(['boat', 'a', 'card', 'c'], {});
    answer = (one) => {
      for (let i = 0; i < times; i++) expect(sender.heardOf('a')).toBe(true);
      expect(sender.heardOf('b')).toBe(false);
      return refused ? json(422, { field: 'text', detail: 'no' }) : keepsAll(one);
    };
    const held = await line.hold('Orrin', 'a', [note('n1')]);
    await sender.now(held).catch(() => undefined);
  }

  it('is this one: what follows from it is asked for once, the boat came with the answer', async () => {
    await sendsWhileHearing(1);
    expect(queries.getQueryData(['boat', 'a'])).toEqual({});
    expect(stale('boat', 'a')).toBe(false);
    expect(stale('boat', 'a', 'card', 'c')).toBe(true);
    expect(sender.heardOf('a')).toBe(false);
  });

  it('may be another’s as well: then the boat is asked for too', async () => {
    await sendsWhileHearing(2);
    expect(stale('boat', 'a')).toBe(true);
  });

  it('is not lost when this one is refused', async () => {
    await sendsWhileHearing(1, true);
    expect(stale('boat', 'a')).toBe(true);
    expect(stale('boat', 'a', 'card', 'c')).toBe(true);
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
    answer = ({ ids }) => json(200, { ids, boat: { stands: 'after' } });
    await sender.now(await line.hold('Orrin', 'a', [note('x')]));
    late({ stands: 'before' });
    await vi.waitFor(() => expect(queries.isFetching()).toBe(0));
    expect(queries.getQueryData(['boat', 'a'])).toEqual({ stands: 'after' });
  });
});

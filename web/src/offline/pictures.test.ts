import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Blob as Copied } from 'node:buffer';
import { openDatabase } from './database';
import type { Database } from './database';
import { PIECE_BYTES, Pictures } from './pictures';

/** The server's side: what it has of each picture, and what goes wrong with the next request. */
let here: Map<string, number>;
let kept: string[];
let pieces: number[];
let goesWrong: ('no way there' | 'no way back' | 'refused' | 'another page')[];
let db: Promise<Database>;
let lane: Pictures;

const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });

async function server(path: string, request: RequestInit): Promise<Response> {
  await Promise.resolve();
  const url = new URL(path, 'http://yard');
  const photo = url.pathname.split('/').at(-2)!;
  if (url.pathname.endsWith('/received')) {
    return json(200, { received: here.get(photo) ?? 0, kept: kept.includes(photo) });
  }
  const wrong = goesWrong.shift();
  if (wrong === 'no way there') throw new TypeError('no network');
  if (wrong === 'another page') return new Response('<html></html>', { status: 403 });
  if (wrong === 'refused') return json(422, { field: 'photo', detail: 'The picture is damaged.' });
  const from = Number(url.searchParams.get('from'));
  const of = Number(url.searchParams.get('of'));
  const before = here.get(photo) ?? 0;
  if (kept.includes(photo)) return json(200, { received: of, kept: true });
  if (from !== before) return json(409, { field: 'from', detail: 'Go on from there.' });
  const { size } = request.body as Blob;
  pieces.push(size);
  here.set(photo, before + size);
  if (before + size === of) kept.push(photo);
  if (wrong === 'no way back') throw new TypeError('no network');
  return json(200, { received: before + size, kept: before + size === of });
}

// The window of a test cannot copy its own kind of blob as a browser does.
const picture = (bytes: number) => new Copied([new Uint8Array(bytes)]) as unknown as Blob;

const of = (enters: string, isHere = enters) =>
  new Pictures(() => db, { isHere: () => isHere, enters: () => enters }, null);

beforeEach(() => {
  here = new Map();
  kept = [];
  pieces = [];
  goesWrong = [];
  db = openDatabase(`pictures-${Math.random()}`);
  lane = of('Orrin');
  vi.stubGlobal('fetch', server);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('a picture goes up', () => {
  it('in pieces, once, and leaves the device', async () => {
    await lane.keep('p1', 'boat', picture(2 * PIECE_BYTES + 5));
    await lane.send();
    expect(pieces).toEqual([PIECE_BYTES, PIECE_BYTES, 5]);
    expect(kept).toEqual(['p1']);
    expect(lane.going).toEqual([]);
    expect(await (await db).getAllKeys('photos')).toEqual([]);
  });

  it('and goes on where it stopped, also after the application was closed', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    await lane.keep('p1', 'boat', picture(3 * PIECE_BYTES));
    goesWrong = ['no way back', 'no way there'];
    await lane.send();
    expect(lane.going).toMatchObject([{ sent: 0 }]);
    const opened = of('Orrin');
    await opened.send();
    await opened.send();
    expect(kept).toEqual(['p1']);
    expect(pieces).toEqual([PIECE_BYTES, PIECE_BYTES, PIECE_BYTES]);
  });

  it('behind one that the server does not take, which says why', async () => {
    goesWrong = ['refused'];
    await lane.keep('bad', 'boat', picture(10));
    await lane.keep('good', 'boat', picture(10));
    await lane.send();
    expect(kept).toEqual(['good']);
    expect(lane.going).toMatchObject([{ photo: 'bad', refused: 'The picture is damaged.' }]);
    await lane.forget('bad');
    expect(lane.going).toEqual([]);
  });

  it('when an earlier version left it beside its entry', async () => {
    await (await db).put('photos', picture(10), 'old');
    await (
      await db
    ).add('waiting', {
      person: 'Orrin',
      boat: 'boat',
      entry: {
        id: 'e',
        kind: 'PHOTO_TAKEN',
        photo: 'old',
        deviceTime: '2031-10-29T08:00:00Z',
      },
    });
    await lane.load();
    await lane.send();
    expect(kept).toEqual(['old']);
  });

  it('only while the one who took it is here', async () => {
    const tamsa = of('Tamsa');
    await lane.keep('p1', 'boat', picture(10));
    await tamsa.load();
    await tamsa.send();
    expect(kept).toEqual([]);
  });

  it('when they are here again whose session was lost as they took it', async () => {
    await of('Orrin', '').keep('p1', 'boat', picture(10));
    await lane.load();
    await lane.send();
    expect(kept).toEqual(['p1']);
  });

  it('though what stands between answers in the place of the server', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    goesWrong = ['another page'];
    await lane.keep('p1', 'boat', picture(10));
    await lane.send();
    expect(lane.going).toMatchObject([{ refused: null }]);
    await lane.send();
    expect(kept).toEqual(['p1']);
  });
});

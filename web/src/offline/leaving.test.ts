import { QueryClient } from '@tanstack/react-query';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { database } from './database';
import { draftOf, keepDraft } from './draft';
import { shownOnDevice } from './keep-shown';
import { hasComeIn, hasLeft, leaveTogether, signOut, whoIsHere } from './leaving';

let answers: (path: string) => Response;
let asked: string[];

beforeEach(() => {
  asked = [];
  vi.stubGlobal('fetch', (request: Request) => {
    const path = `${request.method} ${new URL(request.url).pathname}`;
    asked.push(path);
    return Promise.resolve().then(() => answers(path));
  });
});

afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
  sessionStorage.clear();
});

const ORRIN = { name: 'Orrin', role: 'TECHNICIAN' };
const answer = (body: unknown) => Response.json(body);
const noSignal = () => {
  throw new TypeError('no signal');
};

async function shownToOrrin(): Promise<QueryClient> {
  const queries = new QueryClient();
  queries.setQueryData(['session'], ORRIN);
  queries.setQueryData(['welcome'], { demo: true });
  queries.setQueryData(['boats'], [{ name: 'Teal', owner: 'somebody' }]);
  keepDraft('note', 'half a sentence');
  await (await database()).put('shown', { of: 'Orrin' }, 'queries');
  return queries;
}

async function nothingIsLeftOf(queries: QueryClient): Promise<void> {
  expect(queries.getQueryData(['boats'])).toBeUndefined();
  expect(await shownOnDevice.restoreClient()).toBeUndefined();
}

it('signing out clears the device and ends the session', async () => {
  answers = (path) =>
    path.startsWith('GET') ? answer(ORRIN) : new Response(null, { status: 204 });
  const queries = await shownToOrrin();
  await signOut(queries);
  await nothingIsLeftOf(queries);
  expect(draftOf('note')).toBeNull();
  expect(queries.getQueryData(['welcome'])).toBeTruthy();
  expect(asked).toContain('POST /api/session/end');
  expect(hasLeft()).toBe(false);
});

it('without signal it does so here at once, and there as soon as somebody answers', async () => {
  answers = noSignal;
  const queries = await shownToOrrin();
  await signOut(queries);
  await nothingIsLeftOf(queries);
  expect(hasLeft()).toBe(true);
  expect(await whoIsHere(), 'nobody, whatever the cookie says').toBeNull();

  let over = false;
  answers = (path) => {
    if (path === 'POST /api/session/end') over = true;
    return over && path.startsWith('GET')
      ? Response.json({ field: 'session', detail: 'Sign in first.' }, { status: 401 })
      : path.startsWith('GET')
        ? answer(ORRIN)
        : new Response(null, { status: 204 });
  };
  expect(await whoIsHere()).toBeNull();
  expect(over).toBe(true);
  expect(hasLeft()).toBe(false);
});

it('a session that was lost shows nothing of whoever is not there', async () => {
  const queries = await shownToOrrin();
  leaveTogether(queries);
  queries.setQueryData(['session'], null);
  await vi.waitFor(() => nothingIsLeftOf(queries));
});

it('what was being typed comes back to whoever typed it, and to nobody else', async () => {
  hasComeIn('Orrin');
  const queries = await shownToOrrin();
  leaveTogether(queries);
  queries.setQueryData(['session'], null);
  hasComeIn('Orrin');
  expect(draftOf('note')).toBe('half a sentence');
  hasComeIn('Tamsa');
  expect(draftOf('note')).toBeNull();
});

import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { expect, it, vi } from 'vitest';
import { METRIC } from '../words/units';
import { queryClient } from '../api/query-client';
import { UndoProvider } from '../parts/undo';

/** What a test's server was asked: method, path and body of each request. */
export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

type Answer = (asked: Asked) => { status?: number; body: unknown };

/** As the server answers to entries when it keeps them all. */
function keptAll({ body }: Asked, answer: unknown) {
  const { entries } = body as { entries: { id: string }[] };
  const { boat = {} } = answer as { boat?: object };
  return {
    answers: entries.map(({ id }) => ({ id, field: null, reason: null })),
    after: {
      entries: entries.length,
      line: {},
      boat: { stamp: 'told', whole: boat, changes: null },
      card: null,
      timers: [],
    },
  };
}

/** Whoever is signed in reads metric, where the test does not say otherwise. */
const READER = { units: METRIC, ownUnits: false };

/** Renders a piece of a screen against a server that answers as the test says. */
export function served(children: ReactNode, answer: Answer, at = '/'): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text();
    const one = {
      method: request.method,
      path: new URL(request.url).pathname + new URL(request.url).search,
      body: text.startsWith('{') ? (JSON.parse(text) as unknown) : text,
    };
    asked.push(one);
    const { status = 200, body } = answer(one);
    const taken = status === 200 && one.path.endsWith('/waiting-entries');
    const said = one.path === '/api/session' ? { ...READER, ...(body as object) } : body;
    return new Response(JSON.stringify(taken ? keptAll(one, body) : said), {
      status,
      headers: { 'Content-Type': 'application/json' },
    });
  });
  queryClient.clear();
  queryClient.setDefaultOptions({ queries: { retry: false } });
  render(
    <QueryClientProvider client={queryClient}>
      <UndoProvider>
        <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
      </UndoProvider>
    </QueryClientProvider>,
  );
  return asked;
}

it('the server of a test is asked what the screen asks', async () => {
  const asked = served(<p>nothing</p>, () => ({ body: {} }));
  await fetch(new Request('http://localhost/api/yard?a=1'));
  expect(asked).toEqual([{ method: 'GET', path: '/api/yard?a=1', body: '' }]);
  vi.unstubAllGlobals();
});

import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Catalog, Description, DraftView } from '../api/client';
import { draftOf } from '../offline/draft';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Describe } from './describe';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const CATALOG: Catalog = {
  layouts: [
    { key: 'SHAFT', words: 'shaft inboard' },
    { key: 'OUTBOARD', words: 'outboard' },
  ],
  coolings: [],
  exhausts: [],
  drains: [],
  parts: [],
  powerClasses: [{ key: 'YACHT', words: 'yacht' }],
  accessories: [{ key: 'GENERATOR', words: 'generator' }],
  methods: [],
  beltSchools: [],
  twoSchools: [],
  drainKinds: [],
};

const DRAFT: DraftView = {
  description: {} as Description,
  engines: [],
  circuits: [
    {
      key: 'generator',
      name: 'generator',
      kind: 'UNANSWERED',
      overboard: false,
      engine: null,
      protection: 'UNKNOWN',
      liters: 0,
      litersUsed: 0,
      lot: null,
      product: null,
      filledBy: null,
      path: [],
      points: [],
      hoses: [],
      coolant: null,
      awaitsCountersign: false,
      countersignedBy: null,
      unreached: null,
      unsettled: [],
      accepted: null,
      sampledBy: [],
      predicted: null,
    },
  ],
  fittings: [],
  unanswered: ['GENERATOR'],
};

function shown(answer: (asked: Asked) => { status?: number; body: unknown } | undefined) {
  return served(
    <Routes>
      <Route path="/" element={<Describe />} />
      <Route path="/boats/:id" element={<p>the boat itself</p>} />
    </Routes>,
    (asked) => {
      const special = answer(asked);
      if (special) return special;
      if (asked.path.includes('catalog')) return { body: CATALOG };
      if (asked.path.includes('draft')) return { body: DRAFT };
      return asked.method === 'POST'
        ? { status: 201, body: { id: 'new', version: 0 } }
        : { body: [] };
    },
  );
}

const taken = (asked: Asked[]) =>
  asked.filter(({ method, path }) => method === 'POST' && path === '/api/boats');

describe('describing a boat', () => {
  it('draws it as soon as the layout is known, and takes it in', async () => {
    const asked = shown(() => undefined);
    await userEvent.type(await screen.findByLabelText('Name'), 'Halcyon');
    await userEvent.type(screen.getByLabelText('Length'), '11,6');
    expect(asked.some(({ path }) => path.includes('draft'))).toBe(false);
    await userEvent.click(screen.getByLabelText('shaft inboard'));
    expect(await screen.findByText(/Unknown whether it has/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'the other 1: no' }));
    await userEvent.click(screen.getByRole('button', { name: 'Save boat' }));
    expect(await screen.findByText('the boat itself')).toBeTruthy();
    expect(taken(asked)[0]!.body).toMatchObject({
      name: 'Halcyon',
      hullLengthM: 11.6,
      layout: 'SHAFT',
      accessories: { GENERATOR: 'NO' },
    });
    expect(draftOf('describe.new')).toBeNull();
  });

  it('says a refusal at its field, however deep it lies, and keeps what was typed', async () => {
    const asked = shown(({ method, path }) =>
      method === 'POST' && path === '/api/boats'
        ? { status: 422, body: { field: 'engines[0].cylinders', detail: 'Must be from 1 to 16.' } }
        : undefined,
    );
    await userEvent.type(await screen.findByLabelText('Name'), 'Halcyon');
    await userEvent.click(screen.getByLabelText('outboard'));
    await userEvent.clear(screen.getByLabelText('Cylinders'));
    await userEvent.click(screen.getByRole('button', { name: 'Save boat' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Must be from 1 to 16.');
    expect(taken(asked)).toHaveLength(1);
    expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Halcyon');
    expect(draftOf('describe.new')).toContain('Halcyon');
  });

  it('keeps the last drawing while something contradicts itself, with the reason', async () => {
    let contradiction = false;
    shown(({ path }) =>
      path.includes('draft') && contradiction
        ? { status: 422, body: { field: 'fittings', detail: 'Two fittings are both called "x".' } }
        : undefined,
    );
    await userEvent.click(await screen.findByLabelText('shaft inboard'));
    expect(await screen.findByText(/Unknown whether it has/)).toBeTruthy();
    contradiction = true;
    await userEvent.click(screen.getByLabelText('two'));
    expect(await screen.findByText('Two fittings are both called "x".')).toBeTruthy();
    expect(screen.getByText(/Unknown whether it has/)).toBeTruthy();
  });

  it('can be kept as a template under a name', async () => {
    const asked = shown(() => undefined);
    await userEvent.click(await screen.findByLabelText('outboard'));
    await userEvent.click(screen.getByRole('button', { name: 'keep as a template' }));
    await userEvent.type(screen.getByLabelText('Name of the template'), 'Club dinghy');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(await screen.findByText('kept as a template')).toBeTruthy();
    await waitFor(() =>
      expect(asked.find(({ path }) => path === '/api/boats/templates')).toBeTruthy(),
    );
    const saved = asked.find(
      ({ method, path }) => method === 'POST' && path === '/api/boats/templates',
    );
    expect(saved!.body).toMatchObject({ name: 'Club dinghy', description: { layout: 'OUTBOARD' } });
  });
});

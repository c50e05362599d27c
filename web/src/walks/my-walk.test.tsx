import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { stop } from '../testing/a-stop';
import { served } from '../testing/served.test';
import { MyWalk } from './my-walk';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const MINUTES = [{ work: 'Fill, drain then pour in', own: 26, crew: 31, boats: 7 }];

describe('my walk', () => {
  const walked = (walk: object, packing: object[] = []) =>
    served(<MyWalk />, ({ path }) => ({
      body: path.includes('/packing') ? packing : path.includes('/minutes') ? MINUTES : walk,
    }));

  it('marks the next stop and leads into its card', async () => {
    walked({
      name: 'Orrin',
      today: '2031-10-28',
      date: '2031-10-29',
      published: true,
      toldAt: null,
      changed: [],
      stops: [stop({ standing: 'DONE' }), stop({ task: 'fill', title: 'Fill', card: 'k' })],
    });
    expect(await screen.findByText('My walk, Wed 29 Oct')).toBeTruthy();
    expect(await screen.findByText(/26 min, the crew 31 min; from 7 boats of mine/)).toBeTruthy();
    expect(screen.getByText('1 of 2 stops done.')).toBeTruthy();
    expect(screen.getByRole('link', { name: 'Go on with its card' }).getAttribute('href')).toBe(
      '/boats/teal/cards/k',
    );
  });

  it('has one entry a boat, with what soaks on it, and a way to each', async () => {
    walked({
      name: 'Orrin',
      today: '2031-10-29',
      date: '2031-10-29',
      published: true,
      toldAt: null,
      changed: [],
      stops: [
        stop({ standing: 'DONE' }),
        stop({ boat: 'skua', name: 'Skua', card: 's' }),
        stop({
          task: 'fill',
          title: 'Fill',
          card: 'k',
          backAt: 860,
          workers: ['Orrin', 'Tamsa'],
        }),
      ],
    });
    await screen.findByText('My walk today');
    expect(screen.getAllByText('Teal')).toHaveLength(1);
    expect(screen.getByText(/1 of 2 done/)).toBeTruthy();
    expect(screen.getByText(/Fill, with Tamsa/).textContent).toContain('then soaks, back at 14:20');
    expect(
      screen
        .getAllByRole('link', { name: 'Go on with its card' })
        .map((a) => a.getAttribute('href')),
    ).toEqual(['/boats/teal/cards/k', '/boats/skua/cards/s']);
  });

  it('says what to carry and keeps what is packed', async () => {
    walked(
      {
        name: 'Orrin',
        today: '2031-10-29',
        date: '2031-10-29',
        published: true,
        toldAt: null,
        changed: [],
        stops: [stop({})],
      },
      [
        { kind: 'FLUID', words: 'antifreeze', liters: 17.5, boats: ['Teal'] },
        { kind: 'TOOL', words: '9/16 in socket', liters: null, boats: ['Teal'] },
      ],
    );
    expect(await screen.findByText('2 of 2 still to pack')).toBeTruthy();
    await userEvent.click(screen.getByText('To carry'));
    await userEvent.click(screen.getByRole('button', { name: /17.5 L antifreeze/ }));
    expect(screen.getByText('1 of 2 still to pack')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: /9\/16 in socket/ }));
    expect(screen.getByText('all packed')).toBeTruthy();
  });

  it('opens the card on the way when nobody has', async () => {
    const asked = served(<MyWalk />, ({ path, method }) => {
      if (path.includes('/card-to-open')) {
        return { body: { id: 'laid-out', choices: { engine: 'POUR' }, steps: [] } };
      }
      if (method === 'POST') return { body: { ids: [], boat: {} } };
      if (path.includes('/packing') || path.includes('/minutes')) return { body: [] };
      return {
        body: {
          name: 'Orrin',
          today: '2031-10-29',
          date: '2031-10-29',
          published: true,
          toldAt: null,
          changed: [],
          stops: [stop({})],
        },
      };
    });
    expect(await screen.findByText('My walk today')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Begin: open its card' }));
    await waitFor(() => expect(asked.some(({ method }) => method === 'POST')).toBe(true));
    const sent = asked.find(({ method }) => method === 'POST')!.body as { entries: object[] };
    expect(sent.entries[0]).toMatchObject({
      kind: 'CARD_OPENED',
      card: 'laid-out',
      choices: { engine: 'POUR' },
    });
  });

  it('leads a launch to whether it may, and says by when it was promised afloat', async () => {
    const launch = stop({
      task: 'launch',
      title: 'Launch',
      procedure: 'COMMISSION',
      deadline: null,
      promisedOn: '2031-10-31',
    });
    walked({
      name: 'Orrin',
      today: '2031-10-29',
      date: '2031-10-29',
      published: true,
      toldAt: null,
      changed: [],
      stops: [launch],
    });
    expect((await screen.findByRole('link', { name: 'May it launch?' })).getAttribute('href')).toBe(
      '/launch/teal',
    );
    expect(screen.getByText(/afloat by Fri 31 Oct/)).toBeTruthy();
  });

  it('says so when nothing was told', async () => {
    walked({
      name: 'Orrin',
      today: '2031-10-29',
      date: '2031-10-29',
      published: false,
      toldAt: null,
      changed: [],
      stops: [],
    });
    expect(await screen.findByText('Nobody was told anything yet.')).toBeTruthy();
  });
});

import { cleanup, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BoatView, PointView, RoundStop, ShelfView } from '../api/client';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { mergeRound } from './merge-round';
import { Round } from './round';
import { asItStands } from './use-stops';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
  localStorage.clear();
});

function point(key: string, over: Partial<PointView> = {}): PointView {
  return {
    key,
    name: key.replace('-', ' '),
    predictedMassFraction: 0.36,
    parting: null,
    jugReading: null,
    massFraction: null,
    verdict: null,
    couldNot: null,
    toldByOthers: false,
    ...over,
  } as PointView;
}

function stop(boat: string, over: Partial<RoundStop> = {}): RoundStop {
  return {
    boat,
    boatName: boat,
    berthName: 'A1',
    row: 'Shed, line A',
    circuit: 'engine',
    circuitName: 'engine raw water',
    protection: 'FILLED',
    lot: 'P38-1',
    product: 'Pale',
    awaitsCountersign: false,
    sampledBy: [],
    bottles: [
      { mark: `${boat}-1`, point: point('port-block') },
      { mark: `${boat}-2`, point: point('starboard-block') },
    ],
    ...over,
  };
}

const SHELF = {
  products: [
    { id: 'p', name: 'Pale', ceiling: { outcome: null, words: 'Undiluted burst point −40 °C.' } },
  ],
  lots: [
    {
      number: 'P38-1',
      productId: 'p',
      productName: 'Pale',
      expired: true,
      expiresOn: '2026-01-01',
    },
  ],
  instruments: [
    {
      id: 'glass',
      name: 'Bay glass',
      kind: 'REFRACTOMETER',
      scale: 'PG_FREEZE',
      unit: '°C',
      trusted: true,
      zeroCheckedAt: null,
      calibrations: [],
      compensatesFromC: 5,
      compensatesToC: 35,
    },
    {
      id: 'digital',
      name: 'Digital',
      kind: 'SIMULATED_DIGITAL',
      scale: 'PG_FREEZE',
      unit: '°C',
      trusted: false,
      zeroCheckedAt: null,
      calibrations: [],
      compensatesFromC: 5,
      compensatesToC: 40,
    },
  ],
  jugs: [
    {
      lot: 'P38-1',
      instrument: 'glass',
      reading: -19,
      person: 'technician',
      at: '2026-11-25T10:00:00Z',
    },
  ],
} as unknown as ShelfView;

const YARD = { policy: 'BURST', designLowC: -20, marginK: 5 };
const MAY = { name: 'technician', role: 'TECHNICIAN' };

function shown(
  answer: (asked: Asked) => { status?: number; body: unknown } | undefined = () => undefined,
  shelf: ShelfView = SHELF,
) {
  return served(<Round />, (asked) => {
    const special = answer(asked);
    if (special) return special;
    if (asked.path.includes('session')) return { body: MAY };
    if (asked.path.endsWith('/yard')) return { body: YARD };
    if (asked.path.includes('shelf') || asked.path.includes('jugs')) return { body: shelf };
    if (asked.path.includes('round')) return { body: [stop('Marram'), stop('Sorrel')] };
    if (asked.path.includes('device-reading')) return { body: { reading: -18.25 } };
    return { body: { boat: { id: 'Marram', circuits: [] }, entries: [] } };
  });
}

const sent = (asked: Asked[]) =>
  asked
    .filter(({ path }) => path.endsWith('/waiting-entries'))
    .map(({ body }) => (body as { entries: { kind: string }[] }).entries);

describe('the round', () => {
  it('takes a reading in by Enter, with the jug before the first of each boat, and goes on', async () => {
    const asked = shown();
    const first = await screen.findByLabelText('Marram-1, Marram, port block');
    await userEvent.type(first, '-18.4{Enter}');
    expect(document.activeElement?.getAttribute('aria-label')).toContain('Marram-2');
    await userEvent.keyboard('-18,1{Enter}');
    expect(document.activeElement?.getAttribute('aria-label')).toContain('Sorrel-1');
    await waitFor(() => expect(sent(asked)).toHaveLength(2));
    expect(sent(asked)[0]).toMatchObject([
      { kind: 'JUG_READ', reading: -19, lot: 'P38-1', instrument: 'glass' },
      { kind: 'SAMPLE_READ', reading: -18.4, lowPoint: 'port-block', temperatureC: 15 },
    ]);
    expect(sent(asked)[1]!.at(-1)).toMatchObject({ reading: -18.1, lowPoint: 'starboard-block' });
    await waitFor(() => expect((first as HTMLInputElement).value).toBe(''));
  });

  it('stays at what is no reading', async () => {
    const asked = shown();
    const box = await screen.findByLabelText<HTMLInputElement>('Marram-1, Marram, port block');
    await userEvent.type(box, 'eighteen{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('like −18');
    expect(document.activeElement).toBe(box);
    expect(box.value).toBe('eighteen');
    expect(sent(asked)).toEqual([]);
  });

  it('tears nobody away when a reading comes back, and leads to it by Escape', async () => {
    shown(({ path }) =>
      path.endsWith('/waiting-entries')
        ? { status: 422, body: { field: 'reading', detail: 'Must be from −60 to 0 °C.' } }
        : undefined,
    );
    const box = await screen.findByLabelText<HTMLInputElement>('Marram-1, Marram, port block');
    await userEvent.type(box, '-75{Enter}-18');
    expect(await screen.findByText('Must be from −60 to 0 °C.')).toBeTruthy();
    expect(box.value).toBe('-75');
    const second = screen.getByLabelText<HTMLInputElement>('Marram-2, Marram, starboard block');
    expect(document.activeElement).toBe(second);
    expect(second.value).toBe('-18');
    expect(await screen.findByRole('button', { name: 'Marram-1' })).toBeTruthy();
    await userEvent.keyboard('{Escape}');
    expect(document.activeElement).toBe(box);
  });

  it('sends nothing while the jug has not been read', async () => {
    const asked = shown(() => undefined, { ...SHELF, jugs: [] });
    const box = await screen.findByLabelText('Sorrel-2, Sorrel, starboard block');
    await userEvent.type(box, '-18{Enter}');
    expect(await screen.findByText('Read the jug of lot P38-1 first.')).toBeTruthy();
    expect(sent(asked)).toEqual([]);
  });

  it('lets samples wait for a jug that is on its way', async () => {
    const asked = shown(({ path }) => (path.endsWith('/jugs') ? { body: SHELF } : undefined), {
      ...SHELF,
      jugs: [],
    });
    const jug = await screen.findByLabelText('Jug of lot P38-1');
    await userEvent.type(jug, '-19{Enter}-18.4{Enter}');
    await waitFor(() => expect(sent(asked)).toHaveLength(1));
    expect(sent(asked)[0]).toMatchObject([{ kind: 'JUG_READ' }, { reading: -18.4 }]);
    expect(screen.queryByText(/Read the jug/)).toBeNull();
  });

  it('says that a lot has expired and an instrument is not trusted before anything is typed', async () => {
    shown();
    expect(await screen.findByText('This lot expired on 1 Jan 2026.')).toBeTruthy();
    expect(await screen.findByText(/5 K margin: burst point −25 °C or lower/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Read with'), 'digital');
    expect(screen.getByText(/No zero check/)).toBeTruthy();
    await userEvent.clear(screen.getByLabelText('Samples are at'));
    await userEvent.type(screen.getByLabelText('Samples are at'), '55');
    expect(screen.getByText(/let them stand/)).toBeTruthy();
  });

  it('walks with the arrows and reads by R with a digital instrument', async () => {
    shown(() => undefined, {
      ...SHELF,
      jugs: [{ ...SHELF.jugs[0]!, instrument: 'digital' }],
    });
    await userEvent.selectOptions(await screen.findByLabelText('Read with'), 'digital');
    const first = await screen.findByLabelText('Marram-1, Marram, port block');
    first.focus();
    await userEvent.keyboard('{ArrowDown}{ArrowDown}{ArrowUp}r');
    const second = screen.getByLabelText<HTMLInputElement>('Marram-2, Marram, starboard block');
    await waitFor(() => expect(second.value).toBe('-18.25'));
  });

  it('lets a second person sign, and not the one who took the samples', async () => {
    const asked = shown(({ path }) =>
      path.endsWith('/bench/round')
        ? {
            body: [
              stop('Own', { awaitsCountersign: true, sampledBy: ['technician'] }),
              stop('Other', { awaitsCountersign: true, sampledBy: ['yardhand'] }),
            ],
          }
        : undefined,
    );
    const own = await screen.findByRole('article', { name: 'Own, engine raw water' });
    await within(own).findByText(/a second person has to countersign/);
    expect(within(own).queryByRole('button', { name: 'Countersign' })).toBeNull();
    const other = screen.getByRole('article', { name: 'Other, engine raw water' });
    await userEvent.click(await within(other).findByRole('button', { name: 'Countersign' }));
    await waitFor(() => expect(sent(asked)).toHaveLength(1));
    expect(sent(asked)[0]).toMatchObject([{ kind: 'COUNTERSIGNED', circuit: 'engine' }]);
  });

  it('says so when nothing waits', async () => {
    shown(({ path }) => (path.endsWith('/bench/round') ? { body: [] } : undefined));
    expect(await screen.findByText(/Nothing is filled and unproven/)).toBeTruthy();
  });
});

describe('a round walked while boats are proven', () => {
  const names = (stops: RoundStop[]) => stops.map((s) => s.boat);

  it('keeps those that are finished where they were', () => {
    const before = ['A', 'B', 'C', 'D'].map((boat) => stop(boat));
    expect(names(mergeRound(before, [before[1]!, before[3]!]))).toEqual(['A', 'B', 'C', 'D']);
  });

  it('takes in what was filled since', () => {
    const before = ['A', 'B'].map((boat) => stop(boat));
    const now = [stop('N'), stop('B')];
    expect(names(mergeRound(before, now)).sort()).toEqual(['A', 'B', 'N']);
    expect(mergeRound([], now)).toEqual(now);
  });

  it('shows a stop as its boat stands', () => {
    const boat = {
      circuits: [
        {
          key: 'engine',
          protection: 'PROVEN',
          lot: null,
          awaitsCountersign: false,
          sampledBy: ['technician'],
          points: [point('port-block', { massFraction: 0.37 })],
        },
      ],
    } as unknown as BoatView;
    const now = asItStands(stop('A'), boat);
    expect(now.protection).toBe('PROVEN');
    expect(now.lot).toBe('P38-1');
    expect(now.bottles[0]!.point.massFraction).toBe(0.37);
    expect(now.bottles[1]!.mark).toBe('A-2');
    expect(asItStands(stop('A', { circuit: 'gone' }), boat).protection).toBe('FILLED');
  });
});

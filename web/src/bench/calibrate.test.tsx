import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../testing/served.test';
import type { Asked } from '../testing/served.test';
import { Calibrate } from './calibrate';
import { Instruments } from './instruments';
import type { ShelfView } from '../api/client';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  sessionStorage.clear();
});

const INSTRUMENT = {
  id: 'brix',
  name: 'Brix glass',
  kind: 'REFRACTOMETER',
  kindWords: 'refractometer',
  scale: 'BRIX',
  scaleWords: 'Brix',
  unit: '°Bx',
  accuracy: 0.2,
  compensatesFromC: 10,
  compensatesToC: 30,
  trusted: true,
  zeroCheckedAt: null,
  calibrations: [] as unknown[],
};

const SHELF = {
  lots: [{ number: 'L1', productId: 'rose', productName: 'Rose', expired: false, expiresOn: null }],
  jugs: [],
  products: [
    {
      id: 'rose',
      name: 'Rose',
      base: 'PG',
      massFraction: 0.38,
      ceiling: { outcome: null, words: 'ok' },
    },
  ],
  instruments: [INSTRUMENT],
};

const CURVE = {
  productId: 'rose',
  person: 'technician',
  madeAt: '2026-11-25T10:00:00Z',
  points: [
    { massFraction: 0, reading: 0 },
    { massFraction: 0.19, reading: 15 },
    { massFraction: 0.38, reading: 29 },
  ],
};

function shown(
  instrument: Partial<typeof INSTRUMENT>,
  answer: (asked: Asked) => { status?: number; body: unknown },
) {
  const shelf = { ...SHELF, instruments: [{ ...INSTRUMENT, ...instrument }] };
  return served(
    <Routes>
      <Route path="/" element={<Calibrate />} />
      <Route path="/:instrumentId" element={<Calibrate />} />
    </Routes>,
    (asked) => {
      if (asked.path.includes('session'))
        return { body: { name: 'technician', role: 'TECHNICIAN' } };
      if (asked.path.includes('shelf')) return { body: shelf };
      return answer(asked);
    },
    '/brix',
  );
}

async function typeAll(readings: string[]) {
  const glasses = ['out of the jug', '3 jug : 1 water', '1 jug : 1 water', '1 jug : 3 water'];
  for (const [i, glass] of [...glasses, 'clean water'].entries()) {
    const box = await screen.findByLabelText(glass);
    await userEvent.clear(box);
    if (readings[i]) await userEvent.type(box, readings[i]);
  }
}

const posts = (asked: Asked[]) => asked.filter(({ method }) => method === 'POST');

describe('an instrument', () => {
  it('is calibrated from five glasses', async () => {
    const asked = shown({}, () => ({
      status: 201,
      body: { ...SHELF, instruments: [{ ...INSTRUMENT, calibrations: [CURVE] }] },
    }));
    await screen.findByText(/only compares a sample with its jug/);
    await typeAll(['29', '22.5', '15,4', '8', '0']);
    expect(screen.getByLabelText('Glasses as read so far')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Use this curve' }));
    await waitFor(() => expect(posts(asked)).toHaveLength(1));
    expect(posts(asked)[0]!.body).toEqual({
      productId: 'rose',
      glasses: [
        { jugParts: 1, waterParts: 0, reading: 29 },
        { jugParts: 3, waterParts: 1, reading: 22.5 },
        { jugParts: 1, waterParts: 1, reading: 15.4 },
        { jugParts: 1, waterParts: 3, reading: 8 },
        { jugParts: 0, waterParts: 1, reading: 0 },
      ],
    });
  });

  it('is not calibrated with a glass missing, and nothing typed is lost', async () => {
    const asked = shown({}, () => ({ body: {} }));
    await typeAll(['29', '22', '', '8', '0']);
    await userEvent.click(screen.getByRole('button', { name: 'Use this curve' }));
    expect(screen.getByRole('alert').textContent).toContain('Enter what this glass reads');
    expect(document.activeElement).toBe(screen.getByLabelText('1 jug : 1 water'));
    expect(posts(asked)).toEqual([]);
    cleanup();
    shown({}, () => ({ body: {} }));
    expect((await screen.findByLabelText<HTMLInputElement>('3 jug : 1 water')).value).toBe('22');
  });

  it('says at the glass what is wrong with it, or beside the button', async () => {
    shown({}, ({ body }) => {
      const first = (body as { glasses: { reading: number }[] }).glasses[0]!.reading;
      return first > 60
        ? { status: 422, body: { field: 'glasses[0]', detail: 'Must be at most 60.' } }
        : { status: 422, body: { field: 'glasses', detail: 'They turn back.' } };
    });
    await typeAll(['70', '22', '15', '8', '0']);
    await userEvent.click(screen.getByRole('button', { name: 'Use this curve' }));
    expect((await screen.findByRole('alert')).textContent).toBe('Must be at most 60.');
    expect(screen.getByLabelText('out of the jug').getAttribute('aria-invalid')).toBe('true');
    await typeAll(['29', '22', '15', '18', '0']);
    await userEvent.click(screen.getByRole('button', { name: 'Use this curve' }));
    expect(await screen.findByText('They turn back.')).toBeTruthy();
  });

  it('reads its glasses itself when it is digital, and says that it is simulated', async () => {
    const asked = shown({ kind: 'SIMULATED_DIGITAL' }, () => ({ body: { reading: 14.87 } }));
    const buttons = await screen.findAllByRole('button', { name: 'Read simulated' });
    await userEvent.click(buttons[2]!);
    const box = screen.getByLabelText<HTMLInputElement>('1 jug : 1 water');
    await waitFor(() => expect(box.value).toBe('14.87'));
    expect(posts(asked)[0]!.body).toEqual({ lot: 'L1', jugParts: 1, waterParts: 1 });
    await userEvent.click(buttons[4]!);
    await waitFor(() => expect(posts(asked)).toHaveLength(2));
    expect(posts(asked)[1]!.body).toEqual({ jugParts: 0, waterParts: 1 });
  });

  it('shows the curve in use', async () => {
    shown({ calibrations: [CURVE] }, () => ({ body: {} }));
    expect(await screen.findByLabelText('Curve of Brix glass for Rose')).toBeTruthy();
    expect(screen.getByText(/technician, .*, 3 glasses/)).toBeTruthy();
  });

  it('leads to its calibration from the bench', () => {
    served(
      <Instruments shelf={{ ...SHELF, instruments: [INSTRUMENT] } as unknown as ShelfView} />,
      () => ({ body: {} }),
    );
    expect(screen.getByRole('link', { name: 'calibrate' }).getAttribute('href')).toBe(
      '/bench/instruments/brix',
    );
  });
});

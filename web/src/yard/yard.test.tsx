import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { afterEach, describe, expect, it } from 'vitest';
import type { BoatLine, YardPlan } from '../api/client';
import { BoatList } from './boat-list';
import { DecideNow } from './decide-now';
import { YardPlanDrawing } from './yard-plan';

afterEach(cleanup);

const PLAN: YardPlan = {
  widthM: 40,
  heightM: 20,
  areas: [
    {
      id: 'area',
      name: 'Field',
      kind: 'ROWS',
      heated: false,
      xM: 2,
      yM: 2,
      widthM: 30,
      heightM: 16,
    },
  ],
  berths: ['C1', 'C2', 'C3'].map((name, i) => ({
    id: name,
    areaId: 'area',
    name,
    line: 'C',
    xM: 8 + i * 4,
    yM: 15,
  })),
};

function boat(name: string, over: Partial<BoatLine> = {}): BoatLine {
  return {
    id: name.toLowerCase(),
    name,
    hullLengthM: 7,
    layout: 'STERNDRIVE',
    hullId: '',
    kind: 'POWER',
    protection: 'PROVEN',
    berth: null,
    afloat: false,
    looseEnds: 0,
    decisionKind: null,
    decisionWords: null,
    decisionAction: null,
    openCard: null,
    changedAt: null,
    ...over,
  };
}

const HELD = boat('Marram', {
  berth: 'C2',
  protection: 'HELD',
  decisionKind: 'HELD',
  decisionWords: 'Starboard block is short.',
  decisionAction: 'Rod and refill 4.5 L',
  openCard: 'card-1',
});
const FILLED = boat('Quillwort', {
  berth: 'C3',
  protection: 'FILLED',
  decisionKind: 'FILLED_NOT_MEASURED',
  decisionWords: 'Not measured yet.',
  decisionAction: 'Sample it',
});
const LOST = boat('Tide Table', {
  berth: 'C1',
  protection: 'DRAINED',
  decisionKind: 'PLUG_MISSING',
  decisionWords: 'The bag holds 4 plugs; 5 are out.',
  decisionAction: 'Find the plug',
});

function Where() {
  return <p data-testid="where">{useLocation().pathname}</p>;
}

function shown(children: React.ReactNode) {
  return render(
    <MemoryRouter>
      {children}
      <Routes>
        <Route path="*" element={<Where />} />
      </Routes>
    </MemoryRouter>,
  );
}

describe('the plan of the yard', () => {
  it('has every boat as a link that says name, berth and protection', async () => {
    shown(<YardPlanDrawing plan={PLAN} boats={[HELD, LOST]} visible={() => true} />);
    expect(
      screen.getByRole('link', { name: 'Tide Table, C1, drained, a plug is missing' }),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('link', { name: 'Marram, C2, held' }));
    expect(screen.getByTestId('where').textContent).toBe('/boats/marram');
  });

  it('names the boats that stand nowhere', async () => {
    shown(<YardPlanDrawing plan={PLAN} boats={[boat('Sea Holly')]} visible={() => true} />);
    await userEvent.click(screen.getByRole('link', { name: 'Sea Holly' }));
    expect(screen.getByTestId('where').textContent).toBe('/boats/sea holly');
  });

  it('takes what is filtered out from the keyboard’s way', () => {
    shown(<YardPlanDrawing plan={PLAN} boats={[HELD]} visible={() => false} />);
    expect(screen.getByRole('link').getAttribute('tabindex')).toBe('-1');
  });
});

describe('the list of boats', () => {
  it('says what the plan says', () => {
    shown(<BoatList plan={PLAN} boats={[HELD, boat('Sea Holly')]} />);
    expect(screen.getByRole('row', { name: /Marram C2 held 7 m/ })).toBeTruthy();
    expect(screen.getByRole('row', { name: /Sea Holly none proven/ })).toBeTruthy();
  });

  it('says so when nothing is left', () => {
    shown(<BoatList plan={PLAN} boats={[]} />);
    expect(screen.getByText('No boat is in that state.')).toBeTruthy();
  });
});

describe('what must be decided now', () => {
  it('puts the most urgent first, and each with one action that leads on', () => {
    shown(<DecideNow plan={PLAN} boats={[FILLED, boat('Thrift'), LOST, HELD]} />);
    const names = screen.getAllByRole('heading', { level: 3 }).map((h) => h.textContent);
    expect(names[0]).toContain('Marram');
    expect(names[1]).toContain('Tide Table');
    expect(names[2]).toContain('Quillwort');
    expect(names).toHaveLength(3);
    const to = (name: string) => screen.getByRole('link', { name }).getAttribute('href');
    expect(to('Rod and refill 4.5 L')).toBe('/boats/marram/cards/card-1');
    expect(to('Sample it')).toBe('/bench/quillwort');
    expect(to('Find the plug')).toBe('/boats/tide table');
  });

  it('is glad when there is nothing', () => {
    shown(<DecideNow plan={PLAN} boats={[boat('Thrift')]} />);
    expect(screen.getByText('Nothing is waiting for you.')).toBeTruthy();
  });
});

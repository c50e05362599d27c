import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { StopView, WalksView, YardPlan } from '../api/client';
import { DaysStrip } from './days-strip';
import { WalkOnPlan } from './walk-on-plan';

afterEach(cleanup);

const PLAN: YardPlan = {
  widthM: 40,
  heightM: 20,
  areas: [
    { id: 'a', name: 'Field', kind: 'ROWS', heated: false, xM: 2, yM: 2, widthM: 30, heightM: 16 },
  ],
  berths: ['C1', 'C2'].map((name, i) => ({
    id: name,
    areaId: 'a',
    name,
    line: 'C',
    xM: 8 + 4 * i,
    yM: 15,
  })),
};

const stop = (boat: string, berth: string, start: number): StopView => ({
  boat,
  name: boat,
  berth,
  berthName: berth,
  task: `task-${start}`,
  title: 'Fill',
  workers: ['Orrin'],
  date: '2031-10-29',
  start,
  end: start + 30,
  soak: null,
  backAt: null,
  pinned: false,
  standing: 'OPEN',
  deadline: null,
  promisedOn: null,
  procedure: 'WINTERIZE',
  tags: [],
  card: null,
});

describe('a walk on the plan', () => {
  it('numbers each boat once while somebody stays aboard, and again when they come back', () => {
    render(
      <WalkOnPlan
        plan={PLAN}
        worker="Orrin"
        stops={[
          stop('Teal', 'C1', 480),
          stop('Teal', 'C1', 510),
          stop('Dunlin', 'C2', 560),
          stop('Teal', 'C1', 700),
        ]}
        chosen={null}
      />,
    );
    const drawing = screen.getByRole('img');
    expect(drawing.getAttribute('aria-label')).toBe('Where Orrin goes: C1, C2, C1');
    expect(screen.getByText('Teal 08:00')).toBeTruthy();
    expect(screen.getByText('Teal 11:40')).toBeTruthy();
    expect(screen.queryByText('Teal 08:30')).toBeNull();
  });

  it('says so when somebody goes nowhere', () => {
    render(<WalkOnPlan plan={PLAN} worker="Orrin" stops={[]} chosen={null} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Where Orrin goes: nowhere');
  });
});

describe('the days', () => {
  const walks = {
    loads: [
      { date: '2031-10-29', plannedMinutes: 900, capacityMinutes: 960, lowC: -3.4, deadlines: 2 },
      { date: '2031-10-30', plannedMinutes: 0, capacityMinutes: 0, lowC: null, deadlines: 0 },
    ],
  } as WalksView;

  it('say load, cold and what is due in words', () => {
    render(<DaysStrip walks={walks} day="2031-10-29" choose={() => undefined} />);
    const days = screen.getAllByRole('button');
    expect(days[0]!.querySelector('.sr-only')!.textContent).toBe(
      'Wed 29 Oct: 0 boats, 15 h of 16 h planned, lowest −3 °C, 2 to be done by then',
    );
    expect(days[1]!.querySelector('.sr-only')!.textContent).toContain('no forecast');
    expect(days[0]!.getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByText('2 freeze')).toBeTruthy();
  });

  it('are chosen', async () => {
    const choose = vi.fn();
    render(<DaysStrip walks={walks} day="2031-10-29" choose={choose} />);
    await userEvent.click(screen.getAllByRole('button')[1]!);
    expect(choose).toHaveBeenCalledWith('2031-10-30');
  });
});

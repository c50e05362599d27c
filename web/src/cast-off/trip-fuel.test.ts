import { describe, expect, it } from 'vitest';
import cases from './fuel-cases.csv?raw';
import { burnOf, fuelOf } from './trip-fuel';

const [head, ...lines] = cases.trim().split('\n');
const names = head!.split(',');
const rows = lines.map((one) =>
  Object.fromEntries(one.split(',').map((cell, i) => [names[i]!, cell])),
);

describe('fuel for a trip, on the device', () => {
  it.each(rows)('$hours h by $school out of $capacityLiters L at $gaugePercent %', (row) => {
    const of = (name: string) => Number(row[name]);
    const fuel = fuelOf(
      {
        hours: of('hours'),
        roundTrip: row.roundTrip === 'true',
        school: row.school as 'THIRDS' | 'TWENTY_PERCENT',
      },
      {
        name: '',
        capacityLiters: of('capacityLiters'),
        gaugePercent: of('gaugePercent'),
        unusableLiters: row.unusableLiters === '' ? null : of('unusableLiters'),
        litersPerHour: of('litersPerHour'),
      },
    );
    for (const name of ['burnt', 'needed', 'usable', 'left', 'add'] as const) {
      expect(fuel[name], name).toBeCloseTo(of(name), 6);
    }
    expect(fuel.refuelOnTheWay).toBe(row.refuelOnTheWay === 'true');
  });

  it('says how much to add', () => {
    const trip = { hours: 4, roundTrip: true, school: 'TWENTY_PERCENT' as const };
    const tank = {
      name: '',
      capacityLiters: 200,
      gaugePercent: 40,
      unusableLiters: null,
      litersPerHour: 20,
    };
    expect(fuelOf(trip, tank).words).toBe('Not enough: add 36 L.');
    expect(fuelOf(trip, { ...tank, gaugePercent: 80 }).words).toContain('60 L are left');
  });

  it('sums what draws from one tank, the generator too', () => {
    const fitted = {
      tanks: [
        { name: '', capacityLiters: 300, unusableLiters: null, feeds: ['PORT', 'GENERATOR'] },
      ],
      litersPerHour: { PORT: 25, STARBOARD: 24, GENERATOR: 3 },
      speedKn: null,
    };
    expect(burnOf(fitted as never, fitted.tanks[0] as never)).toBe(28);
  });
});

import type { FuelFitted, TripSent } from '../api/client';
import { liters, unitIn } from '../words/quantity';
import { limitIn } from '../words/judged';

/**
 * Whether there is enough fuel, here, so that it can be said without signal; core works it out the
 * same way and has the last word. Both are held to the cases beside this file.
 */
export interface TankFuel {
  name: string;
  burnt: number;
  needed: number;
  usable: number;
  left: number;
  add: number;
  refuelOnTheWay: boolean;
  turnBackHours: number;
  words: string;
}

export interface Tank {
  name: string;
  capacityLiters: number;
  gaugePercent: number;
  unusableLiters: number | null;
  litersPerHour: number;
}

interface Trip {
  hours: number;
  roundTrip: boolean;
  school: NonNullable<TripSent['school']>;
}

const UNUSABLE_SHARE = 0.1;
const PER_OUTBOUND = { TWENTY_PERCENT: 2.4, THIRDS: 3 };

export function fuelOf(trip: Trip, tank: Tank): TankFuel {
  const burnt = tank.litersPerHour * trip.hours;
  const needed =
    trip.school === 'TWENTY_PERCENT' ? 1.2 * burnt : 3 * (trip.roundTrip ? burnt / 2 : burnt);
  const unusable = tank.unusableLiters ?? UNUSABLE_SHARE * tank.capacityLiters;
  const usable = Math.max(0, (tank.gaugePercent / 100) * tank.capacityLiters - unusable);
  const add = Math.max(0, needed - usable);
  const refuelOnTheWay = needed > tank.capacityLiters - unusable;
  const left = usable - burnt;
  return {
    name: tank.name,
    burnt,
    needed,
    usable,
    left,
    add,
    refuelOnTheWay,
    turnBackHours: usable / PER_OUTBOUND[trip.school] / tank.litersPerHour,
    words: words(add, refuelOnTheWay, left),
  };
}

function words(add: number, refuel: boolean, left: number): string {
  if (add === 0) return `Enough: ${liters(left)} are left at the end.`;
  return refuel
    ? 'Not enough: it takes more than the tank can hold. Fill up, and refuel on the way.'
    : `Not enough: add ${limitIn('L', { value: null, limit: add, atMost: false })} ${unitIn('L')}.`;
}

/** What all that draws from a tank burns together, L/h. */
export function burnOf(fitted: FuelFitted, tank: FuelFitted['tanks'][number]): number {
  return Object.entries(fitted.litersPerHour)
    .filter(([engine]) => tank.feeds.includes(engine as (typeof tank.feeds)[number]))
    .reduce((sum, [, burn]) => sum + burn, 0);
}

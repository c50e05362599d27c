import type { CastOffRound, FuelFitted, TripSent } from '../api/client';
import { typedNumber } from '../words/words';
import { burnOf, fuelOf } from './trip-fuel';
import type { TankFuel } from './trip-fuel';

/** What is typed of a trip, as it stands in its boxes. */
export interface TripTyped {
  by: 'hours' | 'distance';
  hours: string;
  distanceNm: string;
  speedKn: string;
  way: 'round' | 'one';
  school: NonNullable<TripSent['school']>;
  gauges: string[];
  /** Typed by whoever goes, where nobody has described it. */
  fitted: FuelFitted | null;
}

export const NO_TRIP: TripTyped = {
  by: 'hours',
  hours: '',
  distanceNm: '',
  speedKn: '',
  way: 'round',
  school: 'TWENTY_PERCENT',
  gauges: [],
  fitted: null,
};

export interface TripWorkedOut {
  sent: TripSent;
  tanks: TankFuel[];
}

/** What is wrong with a number that was typed; null while it is empty or fine. */
export function wrongWith(text: string, low: number, high: number, unit: string): string | null {
  if (text.trim() === '') return null;
  const value = typedNumber(text);
  return value === null || value < low || value > high ? `From ${low} to ${high} ${unit}.` : null;
}

const MOST = { hours: 1000, distanceNm: 10_000, speedKn: 60 };

export function wrongOf(field: keyof typeof MOST, text: string): string | null {
  const unit = { hours: 'h', distanceNm: 'nm', speedKn: 'kn' }[field];
  return wrongWith(text, field === 'speedKn' ? 0.5 : 0.1, MOST[field], unit);
}

/** The trip worked out; null while something is missing or wrong. */
export function worked(round: CastOffRound, typed: TripTyped): TripWorkedOut | null {
  const fitted = typed.fitted ?? round.fuel;
  if (!fitted) return null;
  const speedText = typed.speedKn === '' ? (fitted.speedKn?.toString() ?? '') : typed.speedKn;
  const number = (field: keyof typeof MOST, text: string) =>
    wrongOf(field, text) === null ? typedNumber(text) : null;
  const speedKn = number('speedKn', speedText);
  const distanceNm = number('distanceNm', typed.distanceNm);
  const hours =
    typed.by === 'hours'
      ? number('hours', typed.hours)
      : distanceNm !== null && speedKn !== null
        ? distanceNm / speedKn
        : null;
  const gauges = fitted.tanks.map((_, i) =>
    wrongWith(typed.gauges[i] ?? '', 0, 100, '%') === null
      ? typedNumber(typed.gauges[i] ?? '')
      : null,
  );
  if (hours === null || gauges.some((gauge) => gauge === null)) return null;
  const trip = { hours, roundTrip: typed.way === 'round', school: typed.school };
  return {
    sent: {
      hours: typed.by === 'hours' ? hours : undefined,
      distanceNm: typed.by === 'hours' ? undefined : distanceNm!,
      speedKn: speedKn ?? undefined,
      roundTrip: trip.roundTrip,
      school: typed.school,
      gaugePercent: gauges as number[],
      fitted: typed.fitted ?? undefined,
    },
    tanks: fitted.tanks.map((tank, i) =>
      fuelOf(trip, {
        name: tank.name,
        capacityLiters: tank.capacityLiters,
        unusableLiters: tank.unusableLiters,
        gaugePercent: gauges[i]!,
        litersPerHour: burnOf(fitted, tank),
      }),
    ),
  };
}

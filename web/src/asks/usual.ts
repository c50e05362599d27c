import type { AskOf, AskView, BoatView, Said } from '../api/client';
import { everyKind } from '../parts/every-kind';

/** What an entry is made with that is neither asked nor seen. */
export interface With {
  /** The lot on the jug. */
  lot: string;
}

/**
 * What is entered when an ask goes as it usually does: every drain runs clear, the bag holds what it
 * should. Null for what is measured, or told in somebody's own words.
 */
export function usualEntries(ask: AskView, boat: BoatView, { lot }: With): Said[] | null {
  switch (ask.kind) {
    case 'SET':
      return [{ kind: 'FITTING_SET', fitting: ask.fitting, state: ask.to }];
    case 'OPEN':
      return [
        ...opened(ask, boat),
        { kind: 'LOW_POINT_SEEN', lowPoint: ask.lowPoint, seen: usuallySeen(ask, boat) },
      ];
    case 'ENGINE':
      return ask.start ? null : [{ kind: 'ENGINE_STOPPED', engine: ask.engine }];
    case 'SEE':
      return [
        {
          kind: 'CONDITION_SEEN',
          engine: ask.engine ?? undefined,
          condition: ask.condition.key,
          finding: ask.condition.findings[0]!.key,
        },
      ];
    case 'FILL':
      return [
        {
          kind: 'FLUID_USED',
          circuit: ask.circuit,
          lot,
          liters: aboutLiters(ask.liters),
          pourPoint: ask.pourPoint ?? undefined,
        },
      ];
    case 'DESCALE':
      return [
        {
          kind: 'DESCALER_USED',
          circuit: ask.circuit,
          segments: ask.segments,
          liters: aboutLiters(ask.liters),
        },
      ];
    case 'COUNT':
      return [{ kind: 'BAG_COUNTED', count: boat.bag.expected }];
    case 'PICK':
      return [{ kind: 'PART_PICKED', engine: ask.engine, item: ask.item }];
    case 'SERVICE':
      return [{ kind: 'SERVICE_DONE', engine: ask.engine, item: ask.item }];
    case 'OIL':
      return [{ kind: 'CYLINDERS_OILED', engine: ask.engine }];
    case 'ABOARD':
      return [
        {
          kind: 'ACCESSORY_SEEN',
          accessory: ask.accessory,
          aboard: boat.description.accessories[ask.accessory] === 'YES',
        },
      ];
    case 'LOOK':
      return ask.circuits.map((circuit) => ({
        kind: 'CIRCUIT_SEEN' as const,
        circuit,
        inService: ask.inService,
      }));
    case 'KICK':
    case 'READ':
    case 'PIECES':
    case 'CATCH':
    case 'DISINFECT':
    case 'JUG':
    case 'SAMPLE':
    case 'COOLANT':
    case 'FROST':
    case 'REMEDY':
    case 'PHOTO':
    case 'COMPLAINTS':
    case 'GIVE_UP':
    case 'NOTE':
    case 'AFLOAT':
      return null;
    default:
      return everyKind(ask);
  }
}

/** What is entered when an engine is started, or kicked over. */
export function startOf(ask: AskOf<'ENGINE'> | AskOf<'KICK'>): Said {
  return ask.kind === 'KICK'
    ? { kind: 'ENGINE_STARTED', engine: ask.engine, basis: 'KICK', seconds: ask.seconds }
    : { kind: 'ENGINE_STARTED', engine: ask.engine, basis: ask.basis ?? 'FED' };
}

/** What is opened for it, unless it stands open. */
export function opened(ask: AskOf<'OPEN'>, boat: BoatView): Said[] {
  const fitting = boat.fittings.find(({ key }) => key === ask.fitting);
  return !ask.fitting || fitting?.state === ask.to
    ? []
    : [{ kind: 'FITTING_SET', fitting: ask.fitting, state: ask.to! }];
}

/** It runs, unless it was empty before: then it still is. */
function usuallySeen(ask: AskOf<'OPEN'>, boat: BoatView) {
  const point = boat.circuits
    .flatMap(({ points }) => points)
    .find(({ key }) => key === ask.lowPoint);
  return point?.empty ? 'DRY' : 'RAN_CLEAR';
}

/** As it is read off a jug. */
export const aboutLiters = (liters: number) => Math.round(liters * 10) / 10;

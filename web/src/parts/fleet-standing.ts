import type { BoatLine, Protection } from '../api/client';
import { boatsOf } from '../words/words';

const SAFE: Protection[] = ['DRAINED', 'PROVEN', 'DRY_BUILT'];

/** Whether nothing has to be done with it before the winter. */
export const isSafe = (protection: Protection) => SAFE.includes(protection);

/** Each boat is in one of these: their counts add up to the fleet wherever they are said. */
export type Stand = 'needsAction' | 'inService' | 'safe';

export function standOf(boat: Pick<BoatLine, 'decisionKind' | 'protection'>): Stand {
  if (boat.decisionKind) return 'needsAction';
  return boat.protection === 'IN_SERVICE' ? 'inService' : 'safe';
}

export function counted(boats: BoatLine[]): Record<Stand, number> {
  const counts = { needsAction: 0, inService: 0, safe: 0 };
  for (const boat of boats) counts[standOf(boat)]++;
  return counts;
}

/** "34 of 60 boats need action; 6 in service, 20 safe" */
export function fleetWords(boats: BoatLine[]): string {
  const { needsAction, inService, safe } = counted(boats);
  const needs = `${needsAction} of ${boatsOf(boats.length)} ${needsAction === 1 ? 'needs' : 'need'} action`;
  return `${needs}; ${inService} in service, ${safe} safe`;
}

import { describe, expect, it } from 'vitest';
import type { BoatLine, Protection } from '../api/client';
import { counted, fleetWords } from './fleet-standing';
import { PROTECTIONS } from './protection';

const boat = (protection: Protection, decisionKind: BoatLine['decisionKind'] = null) =>
  ({ protection, decisionKind }) as BoatLine;

describe('how the fleet stands', () => {
  it('has every boat in one of three, so that the counts add up', () => {
    const boats = PROTECTIONS.flatMap((one) => [boat(one), boat(one, 'RED_TAG')]);
    const { needsAction, inService, safe } = counted(boats);
    expect(needsAction + inService + safe).toBe(boats.length);
    expect(needsAction).toBe(PROTECTIONS.length);
  });

  it('says it with the right plurals', () => {
    expect(fleetWords([boat('WET', 'STILL_WET'), boat('IN_SERVICE'), boat('PROVEN')])).toBe(
      '1 of 3 boats needs action; 1 in service, 1 safe',
    );
  });
});

import { keys } from '../api/keys';
import { api, got } from '../api/client';
import { heardUnits } from '../words/units';
import type { AfterSent, CastOffRound, FuelFitted, RoundSent, RoundStanding } from '../api/client';

export type RoundKind = CastOffRound['kind'];

/** Where rounds come from and go to: by account, or by an owner's link. */
export interface Source {
  /** What the device keeps of it is kept under this name. */
  name: string;
  /** Its answers are forgotten when this changes. */
  queryKey: readonly string[];
  load: (kind: RoundKind) => Promise<CastOffRound>;
  end: (round: RoundSent) => Promise<RoundStanding>;
  after: (after: AfterSent) => Promise<unknown>;
  /** Keeps what the boat burns, of so many versions; null where that only goes with a trip. */
  fuel: ((fitted: FuelFitted, version: number) => Promise<unknown>) | null;
}

/**
 * For those of the yard; what one of them left on a device is not sent as another.
 *
 * @param describes whether this person may describe the boat
 */
export function ofBoat(boat: string, person: string, describes: boolean): Source {
  const params = { path: { id: boat } };
  return {
    name: `${person}.${boat}`,
    queryKey: keys.castOff(boat),
    load: (kind) =>
      got(api.GET('/api/cast-off/boats/{id}', { params: { ...params, query: { kind } } })),
    end: (body) => got(api.POST('/api/cast-off/boats/{id}/rounds', { params, body })),
    after: (body) => api.POST('/api/cast-off/boats/{id}/after', { params, body }),
    fuel: describes
      ? (body, version) =>
          api.PUT('/api/cast-off/boats/{id}/fuel', {
            params: { ...params, header: { 'If-Match': `"${version}"` } },
            body,
          })
      : null,
  };
}

const KEY = 'X-Elsko-Link';
const SHOWN_OF_KEY = 12;

/** For an owner without an account: the key goes as a header, never in an address. */
export function byLink(key: string): Source {
  const headers = { [KEY]: key };
  return {
    name: `link.${key.slice(0, SHOWN_OF_KEY)}`,
    queryKey: keys.owner(key),
    load: async (kind) => {
      const round = await got(
        api.GET('/api/owner/round', { params: { query: { kind } }, headers }),
      );
      heardUnits(round.units);
      return round;
    },
    end: (body) => got(api.POST('/api/owner/rounds', { body, headers })),
    after: (body) => api.POST('/api/owner/after', { body, headers }),
    fuel: null,
  };
}

import { keys } from '../api/keys';
import { isUnderWay } from '../api/job-under-way';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { STAMP_HEADER, api, got } from '../api/client';
import { boatThing, cardThing, remember } from '../offline/told';
import type { Procedure } from '../api/client';
import { whoIsHere } from '../offline/leaving';

/** While something is done in the background, how far it is. */
const LOOK_AGAIN_MS = 700;

export const sessionQuery = queryOptions({
  queryKey: keys.session,
  queryFn: whoIsHere,
});

export const welcomeQuery = queryOptions({
  queryKey: keys.welcome,
  queryFn: () => got(api.GET('/api/welcome')),
  staleTime: Infinity,
});

export const yardQuery = queryOptions({
  queryKey: keys.yard,
  queryFn: () => got(api.GET('/api/yard')),
});

export const planQuery = queryOptions({
  queryKey: keys.yardPlan,
  queryFn: () => got(api.GET('/api/yard/plan')),
});

export const boatsQuery = queryOptions({
  queryKey: keys.boats,
  queryFn: () => got(api.GET('/api/boats')),
});

/** Under the boats: whoever describes one may write down whose it is. */
export const ownersQuery = queryOptions({
  queryKey: keys.owners,
  queryFn: () => got(api.GET('/api/boats/owners')),
});

/** Under the boats: whatever changes one may change who may launch. */
export const launchQuery = queryOptions({
  queryKey: keys.launches,
  queryFn: () => got(api.GET('/api/launch')),
});

export const launchOfQuery = (id: string) =>
  queryOptions({
    queryKey: keys.launch(id),
    queryFn: () => got(api.GET('/api/launch/boats/{id}', { params: { path: { id } } })),
  });

/** Remembers what was told, so that the next time only what differs need be. */
async function stamped<T>(
  thing: string,
  answer: Promise<{ data?: T; response: Response }>,
): Promise<T> {
  const { data, response } = await answer;
  remember(thing, response.headers.get(STAMP_HEADER), data);
  return data as T;
}

export const boatQuery = (id: string) =>
  queryOptions({
    queryKey: keys.boat(id),
    queryFn: () => stamped(boatThing(id), api.GET('/api/boats/{id}', { params: { path: { id } } })),
  });

export const readingsQuery = (id: string) =>
  queryOptions({
    queryKey: keys.readings(id),
    queryFn: () => got(api.GET('/api/boats/{id}/readings', { params: { path: { id } } })),
  });

export const cardQuery = (id: string, card: string) =>
  queryOptions({
    queryKey: keys.card(id, card),
    queryFn: () =>
      stamped(
        cardThing(id, card),
        api.GET('/api/boats/{id}/cards/{card}', { params: { path: { id, card } } }),
      ),
  });

/** The open cards of a lay-up as one visit. */
export const visitQuery = (id: string) =>
  queryOptions({
    queryKey: keys.visit(id),
    queryFn: () => got(api.GET('/api/boats/{id}/visit', { params: { path: { id } } })),
  });

/** The open card of a procedure, or the one that would be opened. */
export const cardToOpenQuery = (id: string, procedure: Procedure) =>
  queryOptions({
    queryKey: keys.cardToOpen(id, procedure),
    queryFn: () =>
      got(
        api.GET('/api/boats/{id}/card-to-open', {
          params: { path: { id }, query: { procedure } },
        }),
      ),
  });

/** Under the boats: whatever is done on one may settle what was due. */
export const dueQuery = queryOptions({
  queryKey: keys.dueOfAll,
  queryFn: () => got(api.GET('/api/due')),
});

export const storesQuery = (days: number) =>
  queryOptions({
    queryKey: keys.stores(days),
    queryFn: () => got(api.GET('/api/stores', { params: { query: { days } } })),
    placeholderData: keepPreviousData,
  });

export const dueOfQuery = (id: string) =>
  queryOptions({
    queryKey: keys.dueOf(id),
    queryFn: () => got(api.GET('/api/boats/{id}/due', { params: { path: { id } } })),
  });

export const complaintsQuery = (id: string) =>
  queryOptions({
    queryKey: keys.complaints(id),
    queryFn: () => got(api.GET('/api/boats/{id}/complaints', { params: { path: { id } } })),
  });

export const kitQuery = queryOptions({
  queryKey: keys.kit,
  queryFn: () => got(api.GET('/api/kit')),
});

export const kitOfCardQuery = (boat: string, card: string) =>
  queryOptions({
    queryKey: keys.kitFor(boat, card),
    queryFn: () =>
      got(api.GET('/api/boats/{id}/cards/{card}/kit', { params: { path: { id: boat, card } } })),
  });

export const trendsQuery = (id: string) =>
  queryOptions({
    queryKey: keys.trends(id),
    queryFn: () => got(api.GET('/api/boats/{id}/trends', { params: { path: { id } } })),
  });

/** The simulated post comes every few seconds. */
const POST_MS = 4_000;

export const mailQuery = queryOptions({
  queryKey: keys.outbox,
  queryFn: () => got(api.GET('/api/mail')),
  refetchInterval: ({ state }) =>
    state.data?.some(({ sentAt }) => sentAt == null) ? POST_MS : false,
});

export const mailJobQuery = queryOptions({
  queryKey: keys.mailJob,
  queryFn: () => got(api.GET('/api/reports/lay-up-mails')),
  refetchInterval: ({ state }) => (state.data?.progress?.running ? LOOK_AGAIN_MS : false),
});

export const backupsQuery = queryOptions({
  queryKey: keys.backups,
  queryFn: () => got(api.GET('/api/archive/backups')),
  refetchInterval: ({ state }) =>
    state.data?.lastJob && isUnderWay(state.data.lastJob) ? LOOK_AGAIN_MS : false,
});

/** What takes long; looked at again while any of it is under way. */
export const jobsQuery = queryOptions({
  queryKey: keys.jobs,
  queryFn: () => got(api.GET('/api/jobs')),
  refetchInterval: ({ state }) => (state.data?.some(isUnderWay) ? LOOK_AGAIN_MS : false),
});

export const weakestQuery = queryOptions({
  queryKey: keys.weakest,
  queryFn: () => got(api.GET('/api/bench/weakest-samples')),
});

export const workersQuery = queryOptions({
  queryKey: keys.workers,
  queryFn: () => got(api.GET('/api/people/workers')),
});

export const timersQuery = queryOptions({
  queryKey: keys.timers,
  queryFn: () => got(api.GET('/api/timers')),
});

export const faultsQuery = queryOptions({
  queryKey: keys.gaugeFaults,
  queryFn: () => got(api.GET('/api/gauge-faults')),
  staleTime: Infinity,
});

export const guidesQuery = queryOptions({
  queryKey: keys.guides,
  queryFn: () => got(api.GET('/api/guides')),
  staleTime: Infinity,
});

export const springQuery = queryOptions({
  queryKey: keys.spring,
  queryFn: () => got(api.GET('/api/launch/spring')),
});

export const judgedAnewQuery = queryOptions({
  queryKey: keys.judgedAnew,
  queryFn: () => got(api.GET('/api/judged-anew')),
});

export const frostQuery = queryOptions({
  queryKey: keys.frost,
  queryFn: () => got(api.GET('/api/frost')),
});

export const boatFrostQuery = (id: string) =>
  queryOptions({
    queryKey: keys.frostOf(id),
    queryFn: () => got(api.GET('/api/boats/{id}/frost', { params: { path: { id } } })),
  });

export const weatherQuery = queryOptions({
  queryKey: keys.weather,
  queryFn: () => got(api.GET('/api/weather')),
});

export const walksQuery = queryOptions({
  queryKey: keys.walks,
  queryFn: () => got(api.GET('/api/walks')),
  refetchInterval: ({ state }) => (state.data?.job ? LOOK_AGAIN_MS : false),
});

export const myWalkQuery = queryOptions({
  queryKey: keys.myWalk,
  queryFn: () => got(api.GET('/api/walks/mine')),
});

export const ownMinutesQuery = queryOptions({
  queryKey: keys.ownMinutes,
  queryFn: () => got(api.GET('/api/walks/mine/minutes')),
});

export const packingQuery = (date: string) =>
  queryOptions({
    queryKey: keys.packing(date),
    queryFn: () => got(api.GET('/api/walks/mine/packing', { params: { query: { date } } })),
  });

export const crewQuery = queryOptions({
  queryKey: keys.crew,
  queryFn: () => got(api.GET('/api/walks/crew')),
});

export const whyQuery = (boat: string, task: string, madeAt: string) =>
  queryOptions({
    queryKey: keys.why(boat, task, madeAt),
    queryFn: () => got(api.GET('/api/walks/why', { params: { query: { boat, task } } })),
  });

export const boatDatesQuery = (id: string) =>
  queryOptions({
    queryKey: keys.datesOf(id),
    queryFn: () => got(api.GET('/api/walks/boats/{id}/dates', { params: { path: { id } } })),
  });

export const shelfQuery = queryOptions({
  queryKey: keys.shelf,
  queryFn: () => got(api.GET('/api/bench/shelf')),
});

export const roundQuery = queryOptions({
  queryKey: keys.round,
  queryFn: () => got(api.GET('/api/bench/round')),
});

export interface Tried {
  liters: number;
  massFraction: number;
  method: 'POUR' | 'DRAW' | 'DRAW_UNDRAINED';
  thermostatOpen: boolean;
  notDrained: string[];
}

const FORECAST_FOR_MS = 5 * 60 * 1000;

/** What a fill would leave; it does not change while the same is tried, unless the boat does. */
export const forecastQuery = (boat: string, circuit: string, tried: Tried) =>
  queryOptions({
    queryKey: keys.forecast(boat, circuit, tried),
    queryFn: () =>
      got(
        api.POST('/api/boats/{id}/circuits/{circuit}/fill-forecast', {
          params: { path: { id: boat, circuit } },
          body: tried,
        }),
      ),
    staleTime: Infinity,
    gcTime: FORECAST_FOR_MS,
    placeholderData: keepPreviousData,
  });

export const curveQuery = (base: 'PG' | 'EG') =>
  queryOptions({
    queryKey: keys.curve(base),
    queryFn: () => got(api.GET('/api/bench/curve', { params: { query: { base } } })),
    staleTime: Infinity,
  });

export const peopleQuery = queryOptions({
  queryKey: keys.people,
  queryFn: () => got(api.GET('/api/people')),
});

export const mySessionsQuery = queryOptions({
  queryKey: keys.mySessions,
  queryFn: () => got(api.GET('/api/session/all')),
});

export function sessionsOfQuery(id: string) {
  return queryOptions({
    queryKey: keys.sessionsOf(id),
    queryFn: () => got(api.GET('/api/people/{id}/sessions', { params: { path: { id } } })),
  });
}

export const auditQuery = queryOptions({
  queryKey: keys.audit,
  queryFn: () => got(api.GET('/api/audit')),
});

export const catalogQuery = queryOptions({
  queryKey: keys.catalog,
  queryFn: () => got(api.GET('/api/boats/catalog')),
  staleTime: Infinity,
});

export const templatesQuery = queryOptions({
  queryKey: keys.templates,
  queryFn: () => got(api.GET('/api/boats/templates')),
});

export const offersQuery = (id: string) =>
  queryOptions({
    queryKey: keys.offers(id),
    queryFn: () => got(api.GET('/api/boats/{id}/offers', { params: { path: { id } } })),
  });

export const looseEndsQuery = queryOptions({
  queryKey: keys.looseEnds,
  queryFn: () => got(api.GET('/api/boats/loose-ends')),
});

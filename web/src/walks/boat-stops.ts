import type { StopView } from '../api/client';

/** One person's time at one boat, from opening it to leaving it: what is done there in a row. */
export interface BoatStop {
  boat: string;
  /** The first task that is left of it; the first of all when none is. */
  task: string;
  name: string;
  berth: string | null;
  berthName: string;
  /** Who leads it first. */
  workers: string[];
  date: string;
  start: number;
  end: number;
  standing: StopView['standing'];
  pinned: boolean;
  deadline: string | null;
  promisedOn: string | null;
  procedure: StopView['procedure'];
  tags: StopView['tags'];
  soak: StopView['soak'];
  backAt: number | null;
  tasks: StopView[];
}

/** A walk's tasks by the boats it goes to, in its order. Where something soaks, people leave. */
export function boatStops(walk: readonly StopView[]): BoatStop[] {
  const runs: StopView[][] = [];
  for (const stop of walk) {
    const run = runs[runs.length - 1];
    const last = run?.[run.length - 1];
    const goesOn =
      last?.boat === stop.boat && last.workers[0] === stop.workers[0] && last.soak === null;
    if (run && goesOn) run.push(stop);
    else runs.push([stop]);
  }
  return runs.map(together);
}

function together(tasks: StopView[]): BoatStop {
  const first = tasks[0]!;
  const last = tasks[tasks.length - 1]!;
  const left = tasks.find(({ standing }) => standing !== 'DONE') ?? first;
  return {
    boat: first.boat,
    task: left.task,
    name: first.name,
    berth: first.berth,
    berthName: first.berthName,
    workers: first.workers,
    date: first.date,
    start: first.start,
    end: last.end,
    standing: standingOf(tasks),
    pinned: tasks.some(({ pinned }) => pinned),
    deadline: first.deadline,
    promisedOn: first.promisedOn,
    procedure: first.procedure,
    tags: first.tags,
    soak: last.soak,
    backAt: last.backAt,
    tasks,
  };
}

function standingOf(tasks: StopView[]): StopView['standing'] {
  if (tasks.every(({ standing }) => standing === 'DONE')) return 'DONE';
  return tasks.every(({ standing }) => standing === 'OPEN') ? 'OPEN' : 'BEGUN';
}

/** "Warm and drain, fill, prove" */
export const tasksOf = (stop: BoatStop) =>
  stop.tasks.map(({ title }, i) => (i === 0 ? title : lower(title))).join(', ');

/** A word a task, as there is little room: "drain, fill, prove". */
export const inShort = (stop: BoatStop) =>
  stop.tasks.map(({ task, title }) => SHORT[task] ?? lower(title)).join(', ');

const SHORT: Record<string, string> = {
  empty: 'drain',
  systems: 'domestic',
  cylinders: 'cylinders',
  close: 'close',
  lift: 'lift out',
  launch: 'launch',
  restore: 'restore',
  'spring-service': 'service',
  'hand-over': 'hand over',
  antifreeze: 'antifreeze out',
  run: 'run',
  seacocks: 'seacocks',
  disinfect: 'disinfect',
  rinse: 'rinse',
  pump: 'pump',
  service: 'service',
  descale: 'descale',
  'descale-2': 'flush out',
};

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** The first day from today on that has a day's work left; what is over is not shown first. */
export function dayToShow(stops: readonly StopView[], today: string, minute: number): string {
  const minutes = new Map<string, number>();
  let lastToday = 0;
  for (const stop of stops) {
    if (stop.date < today) continue;
    if (stop.date === today && stop.standing !== 'DONE') lastToday = Math.max(lastToday, stop.end);
    const work = (stop.end - stop.start) * stop.workers.length;
    minutes.set(stop.date, (minutes.get(stop.date) ?? 0) + work);
  }
  if (lastToday <= minute) minutes.delete(today);
  const days = [...minutes.keys()].sort();
  const full = Math.max(0, ...days.slice(0, DAYS_COMPARED).map((day) => minutes.get(day)!));
  return days.find((day) => minutes.get(day)! >= full / 3) ?? today;
}

const DAYS_COMPARED = 7;

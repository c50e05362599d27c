import type { BoatLine, LaunchLine, ShelfView, YardPlan } from '../api/client';
import { protectionWords } from '../parts/protection';
import { shortDay } from '../words/days';

/** Something that Find leads to. */
export interface Hit {
  key: string;
  to: string;
  title: string;
  /** What else is looked at once, and found by. */
  more: string;
  protection?: BoatLine['protection'];
}

const SCREENS: [to: string, title: string, more: string][] = [
  ['/yard', 'Yard', 'plan, frost, what to decide'],
  ['/walks', 'Walks', 'who goes where, day by day'],
  ['/frost', 'What freezes first', 'deadlines, chance of damage, what is planned'],
  ['/walks/season', 'Season', 'by when the yard is safe, slack, promises'],
  ['/walks/mine', 'My walk', 'my boats of today'],
  ['/bench', 'Bench', 'samples and instruments'],
  ['/bench/round', 'Proof round', 'bottles in order'],
  ['/bench/mix', 'Mix', 'blend, descaler, chlorine'],
  ['/bench/fuel', 'Fuel for a trip', 'is it enough?'],
  ['/launch', 'Launch', 'who may go into the water'],
  ['/launch/spring', 'Spring', 'how often autumn was right'],
  ['/cast-off', 'Cast-off', 'rounds before a trip'],
  ['/stores', 'Stores', 'what to order'],
  ['/kit', 'Kit', 'tanks, adapters, hoses'],
  ['/book', 'Book', 'the log of the whole yard'],
  ['/book/due', 'Due', 'service by hours and months'],
  ['/book/reports', 'Reports', 'paper: day sheets, cards, tags, letters'],
  ['/book/archive', 'Archive', 'backup, restore'],
  ['/account', 'My account', 'password, devices, units, volume'],
];

const FOR_COORDINATORS: [to: string, title: string, more: string][] = [
  ['/settings', 'Settings', 'frost standard, crew, products, units'],
  ['/settings/changes', 'Changes', 'who changed what'],
  ['/describe', 'Add boat', 'describe a new boat'],
  ['/import', 'Import boats', 'from a table'],
];

interface Known {
  boats: BoatLine[];
  plan: YardPlan | undefined;
  owners: { boat: string; owner: string }[];
  launches: LaunchLine[];
  shelf: ShelfView | undefined;
  items: { item: string; name: string }[];
  people: { id: string; name: string }[];
  runYard: boolean;
}

/** All that can be found, boats first. */
export function hitsOf(known: Known): Hit[] {
  const berths = new Map(known.plan?.berths.map((berth) => [berth.id, berth.name]));
  const owners = new Map(known.owners.map(({ boat, owner }) => [boat, owner]));
  const launches = new Map(known.launches.map((line) => [line.boat, line]));
  const boats = known.boats.map((boat): Hit => {
    const launch = launches.get(boat.id)?.promisedOn;
    const more = [
      boat.berth ? berths.get(boat.berth) : 'no berth',
      protectionWords(boat.protection),
      owners.get(boat.id),
      boat.afloat ? 'afloat' : launch && `launch ${shortDay(launch)}`,
      boat.hullId,
    ];
    return {
      key: boat.id,
      to: `/boats/${boat.id}`,
      title: boat.name,
      more: more.filter(Boolean).join(' · '),
      protection: boat.protection,
    };
  });
  const lots = known.shelf?.lots.map(({ number, productName }) => ({
    key: `lot ${number}`,
    to: `/book?lot=${encodeURIComponent(number)}`,
    title: number,
    more: `lot of ${productName}: where it went`,
  }));
  const instruments = known.shelf?.instruments.map(({ id, name, kindWords }) => ({
    key: id,
    to: `/bench/instruments/${id}`,
    title: name,
    more: kindWords,
  }));
  const items = known.items.map(({ item, name }) => ({
    key: `item ${item}`,
    to: '/stores',
    title: name,
    more: 'in the stores',
  }));
  const people = known.people.map(({ id, name }) => ({
    key: id,
    to: '/settings',
    title: name,
    more: 'of the crew',
  }));
  const screens = [...SCREENS, ...(known.runYard ? FOR_COORDINATORS : [])].map(
    ([to, title, more]) => ({ key: to, to, title, more }),
  );
  return [...boats, ...screens, ...(lots ?? []), ...(instruments ?? []), ...items, ...people];
}

/** Those that have every word of it, what begins so first. */
export function found(hits: Hit[], text: string): Hit[] {
  const wanted = text.trim().toLowerCase();
  const words = wanted.split(/\s+/);
  const rank = (hit: Hit) => (hit.title.toLowerCase().startsWith(wanted) ? 0 : 1);
  return hits
    .filter((hit) => {
      const all = `${hit.title} ${hit.more}`.toLowerCase();
      return words.every((word) => all.includes(word));
    })
    .sort((a, b) => rank(a) - rank(b));
}

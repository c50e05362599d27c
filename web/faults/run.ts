/**
 * Lines of a device under every fault there is, against a server that runs: `run SERVER
 * AUTHORIZATION TAB-CODE PICTURES FROM TO`. Says what became of each fifty in a line of JSON.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import vm from 'node:vm';
import { Server, check } from './check';
import { Clock } from './clock';
import { DeviceLine } from './device-line';
import type { Ground } from './device-line';

const [address = '', authorization = '', code = '', pictures = '', from = '0', to = '0'] =
  process.argv.slice(2);
const EACH = 50;

// A tab that was killed leaves promises behind that nobody looks after any more.
process.on('unhandledRejection', (error) => {
  if (!/CLOSED|InvalidState|closing/i.test(String(error))) console.error('unhandled', error);
});

const server = new Server(address, authorization);
const boats = (await server.json<{ id: string }[]>('/api/boats')).map(({ id }) => id);
const ground: Ground = {
  clock: new Clock(process.env.ELSKO_TELL !== undefined),
  code: new vm.Script(readFileSync(code, 'utf8')),
  server: address,
  authorization,
  boats,
  jpegs: readdirSync(pictures).map(
    (name) => new Blob([readFileSync(join(pictures, name))], { type: 'image/jpeg' }),
  ),
};

/** The line of that number: 0 is the one with thirty pictures. */
async function run(number: number): Promise<DeviceLine> {
  ground.clock.begin();
  const line = new DeviceLine(number, ground);
  if (number === 0) await line.pictures();
  else await line.run();
  await compareShown(line);
  line.end();
  return line;
}

/** A screen that showed the boat all along shows it as the server has it. */
async function compareShown(line: DeviceLine): Promise<void> {
  for (const [boat, shown] of line.shown) {
    const here = shown();
    const there = await server.json(`/api/boats/${boat}`);
    if (here && JSON.stringify(here) !== JSON.stringify(there)) {
      line.wrong.push(`shows ${boat} otherwise than the server: ${differ(here, there).join(', ')}`);
    }
  }
}

/** Where two differ. */
function differ(one: unknown, other: unknown, at = ''): string[] {
  if (typeof one !== 'object' || typeof other !== 'object' || one === null || other === null) {
    return one === other ? [] : [`${at} ${String(one)} ${String(other)}`];
  }
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].flatMap((name) =>
    differ((one as never)[name], (other as never)[name], `${at}/${name}`),
  );
}

async function comparePictures(line: DeviceLine): Promise<number> {
  let kept = 0;
  for (const { boat, photo, takenOut, notTakenIn, cutShort } of line.entered) {
    if (!photo || takenOut || notTakenIn || cutShort) continue;
    const there = await server.bytes(`/api/boats/${boat}/photos/${photo.id}`);
    if (there) kept++;
    else line.wrong.push(`LOST PICTURE: ${photo.id}`);
  }
  return kept;
}

for (let next = Number(from); next < Number(to); next += EACH) {
  const before = await server.last();
  const lines: DeviceLine[] = [];
  for (let number = next; number < Math.min(next + EACH, Number(to)); number++) {
    lines.push(await run(number));
  }
  const logged = await server.since(before);
  const counts: Record<string, number> = { lines: lines.length, kept: logged.length };
  const add = (what: string, more = 1) => (counts[what] = (counts[what] ?? 0) + more);
  for (const line of lines) {
    check(line, logged);
    add('pictures', await comparePictures(line));
    for (const one of line.entered) {
      add('entered');
      if (one.told) add('said at once');
      if (one.returned) add('came back');
      if (one.takenOut) add('taken out');
      if (one.notTakenIn) add('no room');
    }
    for (const [fate, times] of line.signal.fates) {
      add('requests', times);
      add(`request ${fate}`, times);
    }
    add('wrong', line.wrong.length);
  }
  const wrong = lines.flatMap(({ number, wrong }) => wrong.map((one) => `line ${number}: ${one}`));
  console.log(JSON.stringify({ counts, wrong }));
}

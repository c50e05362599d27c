import type { DeviceLine, Entered } from './device-line';

interface Logged {
  id: string;
  boat: string;
  seq: number;
  words: string;
}

/** What the server has, as far back as it is asked. */
export class Server {
  constructor(
    readonly address: string,
    readonly authorization: string,
  ) {}

  async json<T>(path: string): Promise<T> {
    const answer = await fetch(this.address + path, {
      headers: { Authorization: this.authorization },
    });
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
    return (await answer.json()) as T;
  }

  async bytes(path: string): Promise<Uint8Array | null> {
    const answer = await fetch(this.address + path, {
      headers: { Authorization: this.authorization },
    });
    return answer.ok ? new Uint8Array(await answer.arrayBuffer()) : null;
  }

  /** The newest line of the book. */
  async last(): Promise<number> {
    const { lines } = await this.json<{ lines: { entry: { seq: number } }[] }>('/api/book?limit=1');
    return lines[0]?.entry.seq ?? 0;
  }

  /** All lines of the book after one, oldest first. */
  async since(seq: number): Promise<Logged[]> {
    const all: Logged[] = [];
    for (let before = ''; ;) {
      const { lines } = await this.json<{ lines: { boat: string; entry: Logged }[] }>(
        `/api/book?limit=200${before}`,
      );
      const newer = lines.filter(({ entry }) => entry.seq > seq);
      for (const { boat, entry } of newer) {
        all.push({ id: entry.id, boat, seq: entry.seq, words: entry.words });
      }
      if (newer.length < lines.length || lines.length === 0) return all.reverse();
      before = `&before=${lines.at(-1)!.entry.seq}`;
    }
  }
}

/** Holds a line against what the server has; what is wrong is added to it. */
export function check(line: DeviceLine, logged: readonly Logged[]): void {
  const times = new Map<string, number>();
  for (const { id } of logged) times.set(id, (times.get(id) ?? 0) + 1);
  const where = new Map(logged.map((one, i) => [one.id, i]));
  for (const one of line.entered) {
    const kept = times.get(one.id) ?? 0;
    const said = (one.told ? 1 : 0) + (one.returned ? 1 : 0);
    const wrong = (what: string) =>
      line.wrong.push(`${what}: ${JSON.stringify({ ...one, photo: one.photo?.id })}`);
    if (kept > 1) wrong('DOUBLED');
    if (one.notTakenIn || one.takenOut) {
      if (kept > 0) wrong('KEPT, though not taken in');
      if (one.takenOut && said > 0) wrong('TOLD OF, though taken out');
    } else if (one.cutShort) {
      if (kept + said > 1) wrong('TWICE');
    } else if (kept + said === 0) {
      wrong('LOST');
    } else if (kept + said > 1) {
      wrong('TWICE');
    }
    if (kept > 0 && (one.what === 'refused' || one.what === 'unreadable')) wrong('KEPT');
    if (one.what === 'kept' && said > 0 && !/clock/.test(one.told ?? one.returned ?? '')) {
      wrong('REFUSED');
    }
  }
  disorder(line, where);
}

/** The log of a boat has them as the device's line had them. */
function disorder(line: DeviceLine, where: ReadonlyMap<string, number>): void {
  const last = new Map<string, Entered>();
  const inLine = line.entered.filter(({ id, seq }) => seq !== null && where.has(id));
  for (const one of inLine.sort((a, b) => a.seq! - b.seq!)) {
    const before = last.get(one.boat);
    if (before && where.get(before.id)! > where.get(one.id)!) {
      line.wrong.push(`OUT OF ORDER: ${one.id} is before ${before.id}`);
    }
    last.set(one.boat, one);
  }
}

import { deleteDB, openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openDatabase } from './database';
import { Line } from './line';

const note = (id: string) => ({
  id,
  kind: 'NOTED' as const,
  text: 'a note',
  deviceTime: '2031-10-29T08:00:00Z',
});
const ids = (line: Line) => line.state.waiting.map(({ entry }) => entry.id);

let name = '';
beforeEach(() => {
  name = `line-${Math.random()}`;
});
afterEach(() => deleteDB(name));

const opened = () => {
  const db = openDatabase(name);
  return new Line(() => db, null);
};

describe('the line of entries that wait', () => {
  it('is there again after a crash, in order', async () => {
    const line = opened();
    await line.hold('Orrin', 'boat', [note('a'), note('b')]);
    await line.hold('Orrin', 'other', [note('c')]);
    const after = opened();
    await after.loaded();
    expect(ids(after)).toEqual(['a', 'b', 'c']);
    expect(after.toSend('Orrin')).toHaveLength(3);
    expect(after.toSend('Tamsa')).toHaveLength(0);
  });

  it('keeps what was sent on the screen until that shows it, but not on the disk', async () => {
    const line = opened();
    const held = await line.hold('Orrin', 'boat', [note('a')]);
    await line.settle(held);
    expect(ids(line)).toEqual(['a']);
    expect(line.toSend('Orrin')).toEqual([]);
    await line.load();
    expect(ids(line)).toEqual(['a']);
    line.seen(held);
    expect(ids(line)).toEqual([]);
  });

  it('shows what it holds at once', async () => {
    const line = opened();
    await line.hold('Orrin', 'boat', [note('a')]);
    expect(ids(line)).toEqual(['a']);
    expect(line.toSend('Orrin')).toHaveLength(1);
  });

  it('gives back what was refused, and keeps that until it is dealt with', async () => {
    const line = opened();
    const [one] = await line.hold('Orrin', 'boat', [note('a')]);
    await line.giveBack(one!, 'liters', 'The drain is OUT.');
    const after = opened();
    await after.loaded();
    expect(after.state.waiting).toEqual([]);
    expect(after.state.returned).toMatchObject([{ field: 'liters', reason: 'The drain is OUT.' }]);
    await after.dealtWith(after.state.returned[0]!);
    const last = opened();
    await last.loaded();
    expect(last.state.returned).toEqual([]);
  });

  it('takes out what never set out; not what may be on the server, whichever tab sent it', async () => {
    const line = opened();
    const first = await line.hold('Orrin', 'boat', [note('a')]);
    const held = await line.hold('Orrin', 'boat', [note('b'), note('c')]);
    const other = opened();
    await other.loaded();
    expect(await other.settingOut(first)).toEqual(first);
    expect(await line.takeOut(first)).toBe(false);
    expect(await line.takeOut(held)).toBe(true);
    expect(ids(line)).toEqual(['a']);
    expect(await other.settingOut(other.toSend('Orrin'))).toEqual(first);
    expect(ids(other)).toEqual(['a']);
  });

  it('gives back once, whichever tab hears of it first', async () => {
    const line = opened();
    const [one] = await line.hold('Orrin', 'boat', [note('a')]);
    const other = opened();
    await other.loaded();
    expect(await other.remove(one!)).toBe(true);
    expect(await line.remove(one!)).toBe(false);
    await line.giveBack(one!, null, 'No.');
    expect(line.state).toMatchObject({ waiting: [], returned: [] });
  });

  it('sends on when the disk has no room for what is to be said of it', async () => {
    const line = opened();
    const [one] = await line.hold('Orrin', 'boat', [note('a')]);
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    expect(await line.settingOut([one!])).toEqual([one]);
    expect(await line.takeOut([one!])).toBe(false);
    await line.giveBack(one!, 'text', 'No.');
    full.mockRestore();
    await line.load();
    expect(line.state).toMatchObject({ waiting: [], returned: [{ seq: one!.seq, reason: 'No.' }] });
    await line.dealtWith(line.state.returned[0]!);
    const after = opened();
    await after.loaded();
    expect(after.state).toMatchObject({ waiting: [], returned: [] });
  });

  it('takes out nothing that another tab sent while the disk had no room to say so', async () => {
    const channel = `tabs-${name}`;
    const db = openDatabase(name);
    const line = new Line(() => db, new BroadcastChannel(channel));
    const held = await line.hold('Orrin', 'boat', [note('a')]);
    const other = new Line(() => db, new BroadcastChannel(channel));
    const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const third = new BroadcastChannel(channel);
    const heard = new Promise((said) => (third.onmessage = said));
    await other.settingOut(held);
    full.mockRestore();
    await heard;
    await new Promise((soon) => setTimeout(soon, 50));
    third.close();
    expect(await line.takeOut(held)).toBe(false);
    expect(ids(line)).toEqual(['a']);
  });

  it('keeps what is taken in while the disk is read for another tab', async () => {
    const line = opened();
    await line.loaded();
    for (let i = 0; i < 20; i++) {
      await Promise.all([line.load(), line.hold('Orrin', 'boat', [note(`a${i}`)]), line.load()]);
      expect(ids(line)).toHaveLength(i + 1);
    }
  });

  it('loses nothing when a later version opens what an earlier one left', async () => {
    const earlier = await openDB(name, 1, {
      upgrade: (db) => {
        db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
        db.createObjectStore('returned', { keyPath: 'seq' });
        db.createObjectStore('shown');
      },
    });
    await earlier.add('waiting', { person: 'Orrin', boat: 'boat', entry: note('a') });
    earlier.close();
    const line = opened();
    await line.loaded();
    expect(ids(line)).toEqual(['a']);
    expect(line.toSend('Orrin')).toHaveLength(1);
  });

  it('goes on when another tab made the database newer', async () => {
    let lost = 0;
    let db = openDatabase(name, () => {
      lost++;
    });
    const line = new Line(() => db, null);
    await line.hold('Orrin', 'boat', [note('a')]);
    const newer = await openDB(name, 9, { upgrade: (now) => void now.createObjectStore('more') });
    newer.close();
    expect(lost).toBe(1);
    db = openDatabase(name);
    await line.hold('Orrin', 'boat', [note('b')]);
    const after = opened();
    await after.loaded();
    expect(ids(after)).toEqual(['a', 'b']);
  });

  it('waits for what another tab has just sent of the boat, where tabs cannot take turns', async () => {
    const line = opened();
    const [before] = await line.hold('Orrin', 'boat', [note('a')]);
    const next = await line.hold('Orrin', 'boat', [note('b')]);
    const elsewhere = await line.hold('Orrin', 'other', [note('c')]);
    const db = await openDatabase(name);
    const sent = (at: number) =>
      db.put('waiting', { ...before!, setOut: true, sentBy: { tab: 'another', at } });
    await sent(Date.now() - 1_000);
    expect(await line.settingOut(next)).toBeNull();
    expect(await line.settingOut(elsewhere)).toEqual(elsewhere);
    // It had no answer, or its tab is gone; or its clock was set back meanwhile.
    await sent(Date.now() - 21_000);
    expect(await line.settingOut(next)).toEqual(next);
    await sent(Date.now() + 3_600_000);
    expect(await line.settingOut(next)).toEqual(next);
    db.close();
  });

  it('sends nothing ahead of what came onto the disk this moment', async () => {
    const line = opened();
    await line.loaded();
    const other = opened();
    await other.hold('Orrin', 'boat', [note('a')]);
    const next = await line.hold('Orrin', 'boat', [note('b')]);
    expect(await line.settingOut(next)).toBeNull();
    expect(ids(line)).toEqual(['a', 'b']);
    expect(await line.settingOut(line.toSend('Orrin'))).toHaveLength(2);
  });

  it('says when the device has no room, and takes nothing in', async () => {
    const db = await openDatabase(name);
    const line = new Line(() => Promise.resolve(db), null);
    await line.loaded();
    const full = vi.spyOn(IDBObjectStore.prototype, 'add').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    await expect(line.hold('Orrin', 'boat', [note('a')])).rejects.toThrow('no room left');
    full.mockRestore();
    expect(ids(line)).toEqual([]);
    expect(ids(opened())).toEqual([]);
  });
});

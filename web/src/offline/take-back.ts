import type { NewEntry } from '../api/client';
import { uuid } from '../api/uuid';
import type { GoingPicture, WaitingEntry } from './database';
import { forgetPictures, line, pictures, sender } from './device';

/**
 * Takes back what was entered on this device: out of the line where it never set out, else by
 * entries that cancel link. Throws what is refused.
 *
 * @param hold takes those in
 */
export async function takeBack(
  held: readonly WaitingEntry[],
  hold: (entries: NewEntry[]) => Promise<WaitingEntry[]>,
): Promise<void> {
  if (await line.takeOut(held)) {
    await forgetPictures(held);
    return;
  }
  const back = [...held].reverse().map(({ entry }) => withdrawn(entry.id, 'undone'));
  // Refused it is said where it was offered.
  await sender.now(await hold(back), () => true);
}

const withdrawn = (id: string, reason: string): NewEntry => ({
  id: uuid(),
  deviceTime: new Date().toISOString(),
  kind: 'WITHDRAWN',
  corrects: id,
  reason,
});

/**
 * Drops a picture the server does not take, and with it what was entered of it: a record names no
 * picture that nobody can see.
 *
 * @param entry what names it on the server, as far as it is known here
 */
export async function dropPicture(picture: GoingPicture, entry: string | null): Promise<void> {
  const { photo, person, boat } = picture;
  const waits = line.state.waiting.find((one) => namesPicture(one.entry, photo));
  await pictures.forget(photo);
  if (waits && (await line.takeOut([waits]))) return;
  const id = waits?.entry.id ?? entry;
  if (!id) return;
  await line.hold(person, boat, [withdrawn(id, 'its picture could not be kept')]);
  void sender.all();
}

const namesPicture = (entry: NewEntry, photo: string) =>
  entry.kind === 'PHOTO_TAKEN' && entry.photo === photo;

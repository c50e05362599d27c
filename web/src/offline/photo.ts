import { csrfToken } from '../api/client';
import { refusalOf } from '../api/refusal';
import { database } from './database';
import type { WaitingEntry } from './database';

const LONGER_SIDE = 1280;
const QUALITY = 0.8;

/** A camera's picture, scaled and drawn anew: where it was taken stays behind on the device. */
export async function scaled(file: Blob): Promise<Blob> {
  const image = await createImageBitmap(file);
  const by = Math.min(1, LONGER_SIDE / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * by));
  canvas.height = Math.max(1, Math.round(image.height * by));
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  return new Promise((done, failed) =>
    canvas.toBlob(
      (jpeg) => (jpeg ? done(jpeg) : failed(new Error('no picture'))),
      'image/jpeg',
      QUALITY,
    ),
  );
}

/** Keeps a picture on this device until its entry has gone up. */
export async function keepPhoto(id: string, jpeg: Blob): Promise<void> {
  await (await database()).put('photos', jpeg, id);
}

/** A picture that still waits here, ready to be shown; null when it is not here. */
export async function photoHere(id: string): Promise<string | null> {
  const jpeg = await (await database()).get('photos', id);
  if (!jpeg) return null;
  return new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => done(reader.result as string);
    reader.readAsDataURL(jpeg);
  });
}

/** A picture goes up before the entry that names it; the server keeps it once. */
export async function sendPhotos(entries: readonly WaitingEntry[], signal: AbortSignal) {
  for (const { boat, entry } of entries) {
    if (entry.kind !== 'PHOTO_TAKEN') continue;
    const jpeg = await (await database()).get('photos', entry.photo);
    if (!jpeg) continue; // it is up already
    const answer = await fetch(`/api/boats/${boat}/photos/${entry.photo}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'image/jpeg', 'X-XSRF-TOKEN': csrfToken() },
      body: jpeg,
      signal,
    });
    if (!answer.ok && answer.status !== 422 && answer.status !== 409) {
      throw refusalOf(answer.status, await answer.json().catch(() => null));
    }
  }
}

/** Pictures whose entries are kept, or dropped, are not needed here any more. */
export async function forgetPhotos(entries: readonly WaitingEntry[]): Promise<void> {
  const db = await database();
  for (const { entry } of entries) {
    if (entry.kind === 'PHOTO_TAKEN') await db.delete('photos', entry.photo);
  }
}

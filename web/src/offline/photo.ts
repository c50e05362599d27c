import { database } from './database';

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

/** Where the server shows it. */
export const largePhoto = (boat: string, photo: string) => `/api/boats/${boat}/photos/${photo}`;

/** Where it shows it small; a device keeps those it was shown, for where there is no signal. */
export const smallPhoto = (boat: string, photo: string) => `${largePhoto(boat, photo)}/small`;

/** As the service worker names it. */
const KEPT_SMALL = 'small-photos';

/** Fetches them while there is signal. Without a service worker nothing would keep them. */
export function takePhotosAlong(boat: string, photos: readonly string[]): void {
  if (!navigator.serviceWorker?.controller) return;
  for (const photo of photos) void fetch(smallPhoto(boat, photo)).catch(() => undefined);
}

/** Nothing of what was taken along stays. */
export async function forgetPhotosAlong(): Promise<void> {
  if ('caches' in globalThis) await caches.delete(KEPT_SMALL);
}

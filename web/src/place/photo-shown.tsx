import { useState } from 'react';
import { largePhoto, smallPhoto } from '../offline/photo';
import { usePhotoOnDevice } from './photo-on-device';

interface ShownProps {
  boat: string;
  photo: string;
  words: string;
}

/** A photo: from this device while it waits there, else from the server. */
export function PhotoShown({ boat, photo, words }: ShownProps) {
  const [failed, setFailed] = useState(0);
  const { data: here, isPending } = usePhotoOnDevice(photo);
  if (isPending) return null;
  if (failed > 1) {
    return (
      <p className="text-soft m-0 text-[14px]">
        The picture is still on its way from the device it was taken with.
      </p>
    );
  }
  return (
    <img
      // Without signal there may be one that was taken along, small.
      src={here ?? (failed > 0 ? smallPhoto(boat, photo) : largePhoto(boat, photo))}
      alt={words}
      className="border-line my-1 block max-h-64 max-w-full rounded-sm border"
      onError={() => setFailed(failed + 1)}
    />
  );
}

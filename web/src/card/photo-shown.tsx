import { useState } from 'react';
import { keys } from '../api/keys';
import { useQuery } from '@tanstack/react-query';
import { photoHere } from '../offline/photo';

interface ShownProps {
  boat: string;
  photo: string;
  words: string;
}

/** A photo of a step: from this device while it waits there, else from the server. */
export function PhotoShown({ boat, photo, words }: ShownProps) {
  const [missing, setMissing] = useState(false);
  const { data: here, isPending } = useQuery({
    queryKey: keys.photo(photo),
    queryFn: () => photoHere(photo),
    staleTime: Infinity,
  });
  if (isPending) return null;
  if (missing) {
    return (
      <p className="text-soft m-0 text-[14px]">
        The picture is still on its way from the device it was taken with.
      </p>
    );
  }
  return (
    <img
      src={here ?? `/api/boats/${boat}/photos/${photo}`}
      alt={words}
      className="border-line my-1 block max-h-64 max-w-full rounded-sm border"
      onError={() => setMissing(true)}
    />
  );
}

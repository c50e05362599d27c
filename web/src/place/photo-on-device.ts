import { useQuery } from '@tanstack/react-query';
import { keys } from '../api/keys';
import { photoHere } from '../offline/photo';

/** A picture that still waits on this device; null where it does not. */
export const usePhotoOnDevice = (photo: string) =>
  useQuery({
    queryKey: keys.photo(photo),
    queryFn: () => photoHere(photo),
    staleTime: Infinity,
  });

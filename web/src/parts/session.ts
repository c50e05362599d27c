import { useQuery } from '@tanstack/react-query';
import { sessionQuery } from '../queries/queries';

/** What the person signed in may do. */
export function useMay() {
  const { data } = useQuery(sessionQuery);
  const role = data?.role;
  return {
    name: data?.name ?? '',
    role,
    runYard: role === 'COORDINATOR',
    work: role === 'COORDINATOR' || role === 'TECHNICIAN',
    move: role === 'COORDINATOR' || role === 'YARD_HAND',
  };
}

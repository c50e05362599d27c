import { useQuery } from '@tanstack/react-query';
import { useOnAPhone } from '../device/on-a-phone';
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

/** Whether this is the phone of somebody who goes from boat to boat: their walk opens first. */
export function useHomeIsMyWalk(): boolean {
  const phone = useOnAPhone();
  return useMay().role === 'TECHNICIAN' && phone;
}

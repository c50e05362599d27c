import { useSyncExternalStore } from 'react';

/** As wide as a hand. */
const PHONE = '(max-width: 639px)';

const media = () => window.matchMedia?.(PHONE);

function subscribe(changed: () => void) {
  const asked = media();
  asked?.addEventListener?.('change', changed);
  return () => asked?.removeEventListener?.('change', changed);
}

/** Whether this is shown on something as narrow as a phone. */
export const useOnAPhone = () => useSyncExternalStore(subscribe, () => media()?.matches ?? false);

import { useMemo } from 'react';
import { useLocation } from 'react-router';
import { RoundShown } from './round';
import { byLink } from './source';

/** The round for an owner without an account. The key stands behind the #: it is never sent as an address. */
export function Owner() {
  const key = useLocation().hash.slice(1);
  const source = useMemo(() => byLink(key), [key]);
  return (
    <main className="reach mx-auto w-full max-w-[760px] lg:max-w-[1160px] px-5 py-4">
      <p className="font-stencil m-0 mb-3 text-[21px] font-bold tracking-[0.2em]">ELSKO</p>
      {key === '' ? (
        <p role="alert">This address is not whole: open the link as the yard sent it.</p>
      ) : (
        <RoundShown key={key} source={source} may />
      )}
    </main>
  );
}

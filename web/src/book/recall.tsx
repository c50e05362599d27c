import { keys } from '../api/keys';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, got } from '../api/client';
import { Loading, Trouble } from '../parts/states';
import { ProtectionMark, protectionWords } from '../parts/protection';
import { boatsOf, clock, sentence } from '../words/words';
import { liters } from '../words/quantity';

/** Every boat and circuit something of a lot went into, and whether it is still in there. */
export function Recall({ lot }: { lot: string }) {
  const { data, error, refetch } = useQuery({
    queryKey: keys.recall(lot),
    queryFn: () => got(api.GET('/api/book/lots/{number}', { params: { path: { number: lot } } })),
  });
  if (!data) {
    return error ? (
      <Trouble error={error} again={() => void refetch()} />
    ) : (
      <Loading what={`where lot ${lot} went`} />
    );
  }
  return (
    <section
      aria-label={`Where lot ${lot} went`}
      className="border-brass rounded-[4px_14px_14px_4px] border-2 p-3"
    >
      <h2 className="stencil text-[19px]">Where lot {lot} went</h2>
      <p className="text-soft m-0 mb-2 text-[14px]">
        {data.boats.length === 0
          ? 'Nothing of it went into a boat.'
          : `${liters(data.liters)} into ${boatsOf(data.boats.length)}.`}
      </p>
      {data.boats.length > 0 && (
        <table className="w-full border-collapse text-left text-[14.5px]">
          <thead>
            <tr className="text-soft">
              <th scope="col" className="pr-3 font-normal">
                boat
              </th>
              <th scope="col" className="pr-3 font-normal">
                circuit
              </th>
              <th scope="col" className="pr-3 text-right font-normal">
                went in
              </th>
              <th scope="col" className="pr-3 font-normal">
                last, by
              </th>
              <th scope="col" className="font-normal">
                now
              </th>
            </tr>
          </thead>
          <tbody>
            {data.boats.flatMap((boat) =>
              boat.circuits.map((circuit, i) => (
                <tr key={boat.boat + circuit.circuit} className="border-line border-t align-top">
                  <td className="py-1 pr-3">
                    {i === 0 && (
                      <Link className="text-ink font-bold" to={`/boats/${boat.boat}`}>
                        {boat.name}
                      </Link>
                    )}
                    {i === 0 && boat.berthName && (
                      <span className="text-soft"> · {boat.berthName}</span>
                    )}
                  </td>
                  <td className="py-1 pr-3">{sentence(circuit.name)}</td>
                  <td className="py-1 pr-3 text-right whitespace-nowrap">
                    {liters(circuit.liters)}
                  </td>
                  <td className="py-1 pr-3">
                    {clock(circuit.lastAt)}, {circuit.lastBy}
                  </td>
                  <td className="py-1">
                    <span className="inline-flex items-center gap-2">
                      {circuit.protection && <ProtectionMark of={circuit.protection} size={15} />}
                      {circuit.stillIn
                        ? `still in it${circuit.protection ? `, ${protectionWords(circuit.protection)}` : ''}`
                        : 'no longer in it'}
                    </span>
                  </td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      )}
    </section>
  );
}

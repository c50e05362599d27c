import { useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { BoatView, OfferView } from '../api/client';
import { useEnter } from '../enter/enter';
import { offersQuery } from '../queries/queries';
import { uuid } from '../api/uuid';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../words/words';

/** Opens a card for one of the procedures this boat can have, each circuit by a chosen way. */
export function OpenCard({ boat }: { boat: BoatView }) {
  const { data: offers = [] } = useQuery(offersQuery(boat.id));
  const [chosen, setChosen] = useState<OfferView['procedure'] | null>(null);
  const open = new Set(boat.cards.filter((c) => !c.closed).map((c) => c.procedure));
  const free = offers.filter((offer) => !open.has(offer.procedure));
  const offer = free.find((o) => o.procedure === chosen);
  if (free.length === 0) return null;
  return (
    <section aria-label="Open a card" className="grid gap-2">
      <h2 className="stencil text-[18px]">Open a card</h2>
      <ul className="m-0 grid list-none grid-cols-2 gap-1.5 p-0">
        {free.map(({ procedure, words }) => (
          <li key={procedure}>
            <button
              type="button"
              aria-expanded={chosen === procedure}
              className="border-line aria-expanded:border-ink bg-card w-full rounded-[3px_9px_9px_3px] border-[1.5px] px-2.5 py-1.5 text-left text-[14px] font-semibold"
              onClick={() => setChosen(chosen === procedure ? null : procedure)}
            >
              {sentence(words)}
            </button>
          </li>
        ))}
      </ul>
      {offer && <Choose key={offer.procedure} boat={boat} offer={offer} />}
    </section>
  );
}

function Choose({ boat, offer }: { boat: BoatView; offer: OfferView }) {
  const { enter, sending } = useEnter(boat.id);
  const [choices, setChoices] = useState<Record<string, string>>(() =>
    Object.fromEntries(offer.choices.map((choice) => [choice.circuit, choice.usual])),
  );
  const refused = useRefused([]);
  const navigate = useNavigate();
  const open = async () => {
    const card = uuid();
    const ok = await refused.attempt(() =>
      enter({
        entries: [{ kind: 'CARD_OPENED', card, procedure: offer.procedure, choices }],
      }),
    );
    if (ok) void navigate(`/boats/${boat.id}/cards/${card}`);
  };
  const set = (circuit: string, way: string | null) => {
    const others = Object.fromEntries(
      Object.entries(choices).filter(([other]) => other !== circuit),
    );
    setChoices(way === null ? others : { ...others, [circuit]: way });
  };
  return (
    <div className="border-line grid gap-2 border-l-[3px] pl-3">
      {offer.choices.map((choice) => {
        const way = choices[choice.circuit];
        const option = choice.all.find((o) => o.key === way);
        return (
          <div key={choice.circuit}>
            <div className="flex items-center gap-2 text-[14px]">
              {offer.takesSome && (
                <input
                  type="checkbox"
                  className="size-4"
                  aria-label={`Do the ${choice.name}`}
                  checked={way !== undefined}
                  onChange={(event) =>
                    set(choice.circuit, event.target.checked ? choice.usual : null)
                  }
                />
              )}
              <label className="font-semibold" htmlFor={`way-${choice.circuit}`}>
                {sentence(choice.name)}
              </label>
            </div>
            {way !== undefined && (
              <>
                <select
                  id={`way-${choice.circuit}`}
                  className="box py-1 text-[14px]"
                  value={way}
                  onChange={(event) => set(choice.circuit, event.target.value)}
                >
                  {choice.all.map((o) => (
                    <option key={o.key} value={o.key}>
                      {o.words}
                      {o.key === choice.usual && choice.all.length > 1 ? ' · as usual' : ''}
                    </option>
                  ))}
                </select>
                <p className="text-soft m-0 text-[12.5px] leading-snug">{option?.reason}</p>
              </>
            )}
          </div>
        );
      })}
      <RefusedLine words={refused.elsewhere} />
      <div>
        <button
          type="button"
          className="btn btn-main"
          disabled={sending || (offer.takesSome && Object.keys(choices).length === 0)}
          onClick={() => void open()}
        >
          Open the card
        </button>
      </div>
    </div>
  );
}

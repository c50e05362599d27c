import { useState } from 'react';
import { RadioGroup } from 'radix-ui';
import { useNavigate } from 'react-router';
import type { BoatView, Method } from '../api/client';
import { useEnter } from '../api/enter';
import { uuid } from '../api/uuid';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';

const METHODS: { method: Method; name: string; more: string }[] = [
  {
    method: 'POUR',
    name: 'Pour',
    more: 'drain, then fill from the top; full strength, no engine run',
  },
  {
    method: 'DRAW',
    name: 'Draw',
    more: 'drain, then draw through warm; quick, both block sides sampled',
  },
  { method: 'DRY', name: 'Leave dry', more: 'drain and leave dry; every plug in the bag' },
];

/** Opens a winterizing card by a chosen method. */
export function OpenCard({ boat }: { boat: BoatView }) {
  const { enter, sending } = useEnter(boat.id);
  const [method, setMethod] = useState<Method>('POUR');
  const refused = useRefused([]);
  const navigate = useNavigate();
  const open = async () => {
    const card = uuid();
    const ok = await refused.attempt(() =>
      enter({ entries: [{ kind: 'CARD_OPENED', card, method }] }),
    );
    if (ok) void navigate(`/boats/${boat.id}/cards/${card}`);
  };
  return (
    <section aria-label="Winterize it" className="grid gap-2">
      <h2 className="stencil text-[18px]">Winterize it</h2>
      <RadioGroup.Root
        value={method}
        onValueChange={(value) => setMethod(value as Method)}
        aria-label="Method"
        className="grid gap-1.5"
      >
        {METHODS.map((choice) => (
          <RadioGroup.Item
            key={choice.method}
            value={choice.method}
            className="border-line data-[state=checked]:border-ink bg-card grid gap-0 rounded-[3px_10px_10px_3px] border-[1.5px] px-3 py-1.5 text-left"
          >
            <b>{choice.name}</b>
            <span className="text-soft text-[13px]">{choice.more}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      <RefusedLine words={refused.elsewhere} />
      <div>
        <button type="button" className="btn btn-main" disabled={sending} onClick={open}>
          Open the card
        </button>
      </div>
    </section>
  );
}

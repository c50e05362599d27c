import { useEffect, useState } from 'react';
import type { BoatView, CardView, StepView } from '../../api/client';
import { uuid } from '../../api/uuid';
import { useEnter } from '../../enter/enter';
import { Guides } from '../../guide/guides';
import { RefusedLine } from '../../parts/refused-line';
import { UndoHere } from '../../parts/undo';
import { useUsing } from '../../parts/using';
import { Aloud } from '../aloud/aloud';
import { Bar } from './bar';
import { bundleOf } from './bundle';
import { Standing } from './standing';
import { StartTarget } from './start-target';
import { TooSoon } from './too-soon';
import { barWords } from './words';
import { accountFor, isShownNow, workedSeconds } from './worked';
import { WriteOrSkip } from './write-or-skip';

interface FootProps {
  card: CardView;
  boat: BoatView;
  step: StepView;
  /** The title of what comes after it; null at the last. */
  after: string | null;
  next: () => void;
  /** Why it was not taken as done, where it was tried. */
  sentBack: string | null;
  /** Back to it: it was not taken as done. */
  back: (why: unknown) => void;
  /** Whether the card is on the screen. */
  looks: () => boolean;
}

const ALSO = { note: 'Note', skip: 'Skip', wrong: 'Something is wrong' };

/** The foot of a step, always under the thumb: the bar that writes it, what else can be said of it. */
export function Foot({ card, boat, step, after, next, sentBack, back, looks }: FootProps) {
  const { enter, holding } = useEnter(boat.id);
  const { lot } = useUsing();
  const [writing, setWriting] = useState<'note' | 'skip' | 'wrong' | null>(null);
  const [soon, setSoon] = useState<number | null>(null);
  useEffect(() => isShownNow(card.id), [card.id]);
  const bundle = bundleOf(step, boat, { lot });
  const words = barWords(step, boat, bundle);
  const wantsLot = lot === '' && bundle.writes.some(({ ask }) => ask.kind === 'FILL');
  const on = { card: card.id, step: step.key };
  const write = () => {
    setSoon(null);
    const tap =
      bundle.writes.length > 0 ? { tap: uuid(), tapAfter: workedSeconds(card.id) } : undefined;
    let giveBack = () => undefined as void;
    // The next step opens at once; what only the server knows leads back to this one.
    void enter({
      entries: [
        ...bundle.writes.flatMap(({ entries }) => entries),
        { kind: 'STEP_DONE' as const },
      ].map((entry) => ({ ...entry, ...on, ...tap })),
      undo: words.main === 'Done' ? `${step.title}: done` : words.main,
      undone: () => giveBack(),
      held: () => {
        giveBack = accountFor(card.id, step.soonestSeconds);
        next();
      },
      looks,
    }).catch(back);
  };
  const tapped = () => {
    const worked = workedSeconds(card.id);
    if (bundle.writes.length > 0 && worked < step.soonestSeconds) setSoon(worked);
    else write();
  };
  return (
    <div
      role="group"
      aria-label="The end of this step"
      className="bg-paper border-line sticky bottom-0 z-20 -mx-[18px] mt-6 grid grid-cols-[minmax(0,1fr)] gap-2 border-t px-[18px] pt-2.5 pb-3 lg:-mx-8 lg:px-8"
    >
      <RefusedLine words={sentBack} />
      <UndoHere />
      {writing === 'wrong' ? (
        <div className="max-h-[60vh] overflow-y-auto">
          <Guides boat={boat.id} on={on} close={() => setWriting(null)} />
        </div>
      ) : writing ? (
        <WriteOrSkip
          what={writing}
          boat={boat.id}
          on={on}
          title={step.title}
          close={() => setWriting(null)}
          skipped={next}
        />
      ) : (
        <>
          <Standing standing={bundle.standing} card={card} boat={boat} step={step} />
          {soon !== null ? (
            <TooSoon
              worked={soon}
              soonest={step.soonestSeconds}
              write={write}
              wait={() => setSoon(null)}
            />
          ) : bundle.start ? (
            <StartTarget bundle={bundle} start={bundle.start} boat={boat} on={on} />
          ) : (
            <Bar
              words={words}
              after={after}
              alone={bundle.alone}
              wantsLot={wantsLot}
              holding={holding}
              tap={tapped}
            />
          )}
          <div className="-my-2 flex min-w-0 items-center justify-between gap-x-2 text-[13.5px] whitespace-nowrap">
            <Aloud card={card.id} step={step} bar={bundle.start ? '' : words.main} />
            {(['note', 'skip', 'wrong'] as const).map((what) => (
              <button
                key={what}
                type="button"
                className="plain text-center"
                onClick={() => setWriting(what)}
              >
                {ALSO[what]}
              </button>
            ))}
          </div>
        </>
      )}
    </div>
  );
}

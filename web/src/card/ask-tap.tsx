import { useEnter } from '../api/enter';
import type { Said } from '../api/enter';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { sentence } from '../parts/words';
import type { AskProps } from './ask';
import { Tick } from './tick';

/** A fitting to be set: one tap. */
export function AskSet(props: AskProps) {
  const { ask } = props;
  return (
    <Tap {...props} entries={[{ kind: 'FITTING_SET', fitting: ask.fitting!, state: ask.to! }]} />
  );
}

/** The engine to be started or stopped: one tap. */
export function AskEngine(props: AskProps) {
  const starts = props.ask.start;
  return (
    <Tap
      {...props}
      entries={[starts ? { kind: 'ENGINE_STARTED', basis: 'FED' } : { kind: 'ENGINE_STOPPED' }]}
      words={starts ? 'engine started' : 'engine stopped'}
    />
  );
}

/** The engine to be kicked over once: one tap. */
export function AskKick(props: AskProps) {
  const seconds = props.ask.seconds!;
  return (
    <Tap
      {...props}
      entries={[{ kind: 'ENGINE_STARTED', basis: 'KICK', seconds }]}
      words={`engine kicked for ${seconds} s`}
    />
  );
}

function Tap({
  ask,
  card,
  boat,
  step,
  may,
  entries,
  words,
}: AskProps & { entries: Said[]; words?: string }) {
  const { enter, sending } = useEnter(boat.id);
  const refused = useRefused([]);
  const say = () =>
    void refused.attempt(() =>
      enter({
        entries: entries.map((entry) => ({ ...entry, card: card.id, step: step.key })),
        undo: sentence(words ?? ask.label),
      }),
    );
  return (
    <div className="grid gap-1">
      <button
        type="button"
        className="btn w-full"
        aria-pressed={ask.answered}
        disabled={!may || sending}
        onClick={say}
      >
        <Tick done={ask.answered} />
        <span className="text-left">{sentence(ask.label)}</span>
      </button>
      <RefusedLine words={refused.elsewhere} />
    </div>
  );
}

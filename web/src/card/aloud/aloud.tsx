import { useEffect } from 'react';
import type { StepView } from '../../api/client';
import { useSpeech } from './speech';

interface AloudProps {
  card: string;
  step: StepView;
  /** What the bar will write; '' where it writes nothing. */
  bar: string;
}

/** Reads a step aloud: what to do, what hurts, what the bar will write. */
export function Aloud({ card, step, bar }: AloudProps) {
  const { able, speaking, say, stop, pace } = useSpeech();
  useEffect(() => stop, [card, step.key, stop]);
  if (!able) return null;
  const texts = [step.title, step.how, ...step.hazards, bar && `The bar writes: ${bar}`].filter(
    (text) => text !== '',
  );
  if (!speaking) {
    return (
      <button type="button" className="plain" onClick={() => say(texts)}>
        Read it to me
      </button>
    );
  }
  const again = (faster: boolean) => {
    pace(faster);
    say(texts);
  };
  return (
    <span className="flex gap-3">
      <button type="button" className="plain" onClick={stop}>
        Stop reading
      </button>
      <button type="button" className="plain" onClick={() => again(false)}>
        slower
      </button>
      <button type="button" className="plain" onClick={() => again(true)}>
        faster
      </button>
    </span>
  );
}

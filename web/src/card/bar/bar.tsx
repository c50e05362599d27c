import type { AskView } from '../../api/client';
import { sentence } from '../../words/words';
import { goToAsk } from './go-to-ask';
import type { BarWords } from './words';

interface BarProps {
  words: BarWords;
  after: string | null;
  /** What has to be answered by itself first. */
  alone: AskView[];
  /** Nobody has said from which lot is poured. */
  wantsLot: boolean;
  holding: boolean;
  tap: () => void;
}

const MOST_NAMED = 2;

/** One tap writes the step; what has to be answered first is led to instead. */
export function Bar({ words, after, alone, wantsLot, holding, tap }: BarProps) {
  const first = alone[0];
  const waits = first !== undefined || wantsLot;
  const main = first
    ? `First: ${named(alone)}`
    : wantsLot
      ? 'First: the lot on the jug'
      : words.main;
  const beside = waits
    ? words.main === 'Done'
      ? ''
      : `Then: ${[words.main, words.beside].filter(Boolean).join(' · ')}`
    : [words.beside, after && `next: ${after}`].filter(Boolean).join(' · ');
  return (
    <button
      type="button"
      data-bar={waits ? 'waits' : 'writes'}
      className={`min-h-[72px] w-full rounded-[4px_20px_20px_4px] border-2 px-4 py-2 text-center ${
        waits ? 'border-brass bg-paper-2 text-ink' : 'border-brass bg-brass text-(--color-on-brass)'
      }`}
      disabled={holding}
      onClick={() => {
        if (first) goToAsk(first);
        else if (wantsLot) document.querySelector<HTMLElement>('#lot-on-the-jug select')?.focus();
        else tap();
      }}
    >
      <span className="block text-[19px] leading-tight font-bold">{main}</span>
      {beside && <span className="mt-0.5 block text-[14px] leading-tight">{beside}</span>}
    </button>
  );
}

function named(alone: AskView[]): string {
  const names = alone.slice(0, MOST_NAMED).map(({ label }) => label);
  const more = alone.length - names.length;
  return sentence(names.join(', ')) + (more > 0 ? ` and ${more} more` : '');
}

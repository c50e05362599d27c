import { createContext, useCallback, useContext, useEffect, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { reasonOf } from '../api/refusal';
import { isUnderWay } from '../offline/under-way';

interface Offer {
  words: string;
  undo: () => Promise<void>;
}

interface Undoing {
  offer: (offer: Offer) => void;
  /** The line that offers it; null while nothing can be taken back. */
  line: ReactNode;
  /** From now on the line stands where it is claimed, until that is given up. */
  claim: () => () => void;
}

const UndoContext = createContext<Undoing>({
  offer: () => undefined,
  line: null,
  claim: () => () => undefined,
});

const SHOWN_MS = 10_000;

export function useUndo() {
  return useContext(UndoContext);
}

/** The line that offers to take back stands here instead of over the screen. */
export function UndoHere() {
  const { line, claim } = useUndo();
  useEffect(() => claim(), [claim]);
  return <div aria-live="polite">{line}</div>;
}

/** Offers to take back the last thing done, instead of asking before it. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [current, setCurrent] = useState<Offer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [claims, setClaims] = useState(0);
  const offer = useCallback((next: Offer) => {
    setTrouble(null);
    setCurrent(next);
  }, []);
  const claim = useCallback(() => {
    setClaims((n) => n + 1);
    return () => setClaims((n) => n - 1);
  }, []);
  useEffect(() => {
    if (!current || trouble) return;
    const timer = setTimeout(() => setCurrent(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [current, trouble]);
  const line = useMemo(() => {
    if (!current) return null;
    const takeBack = async () => {
      try {
        await current.undo();
        setCurrent(null);
      } catch (error) {
        setTrouble(reasonOf(error));
      }
    };
    return (
      <div className="pointer-events-auto flex items-center gap-4 rounded-[3px_10px_10px_3px] bg-[#14212b] px-4 py-0.5 text-[15px] text-[#f6f4ef] sm:py-2 shadow-lg ring-1 ring-[#54616a]">
        <span className="min-w-0 flex-1">{trouble ?? current.words}</span>
        {!trouble && (
          <button
            type="button"
            className="plain min-h-14 min-w-14 font-bold sm:min-h-8"
            onClick={() => void isUnderWay(takeBack())}
          >
            Undo
          </button>
        )}
        <button
          type="button"
          className="plain min-h-14 min-w-14 no-underline sm:min-h-8"
          aria-label="Close"
          onClick={() => setCurrent(null)}
        >
          ×
        </button>
      </div>
    );
  }, [current, trouble]);
  const value = useMemo(() => ({ offer, line, claim }), [offer, line, claim]);
  return (
    <UndoContext.Provider value={value}>
      {children}
      {claims === 0 && (
        <div
          aria-live="polite"
          className="pointer-events-none fixed inset-x-0 bottom-24 z-40 flex justify-center px-4"
        >
          {line}
        </div>
      )}
    </UndoContext.Provider>
  );
}

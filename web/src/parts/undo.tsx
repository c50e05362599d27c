import { createContext, useCallback, useContext, useEffect, useMemo, useState } from 'react';
import type { ReactNode } from 'react';
import { reasonOf } from '../api/refusal';
import { isUnderWay } from '../offline/under-way';

interface Offer {
  words: string;
  undo: () => Promise<void>;
}

const UndoContext = createContext<{ offer: (offer: Offer) => void }>({ offer: () => undefined });

const SHOWN_MS = 9000;

export function useUndo() {
  return useContext(UndoContext);
}

/** Offers to take back the last thing done, instead of asking before it. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const [current, setCurrent] = useState<Offer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const offer = useCallback((next: Offer) => {
    setTrouble(null);
    setCurrent(next);
  }, []);
  useEffect(() => {
    if (!current || trouble) return;
    const timer = setTimeout(() => setCurrent(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [current, trouble]);
  const value = useMemo(() => ({ offer }), [offer]);
  const takeBack = async () => {
    try {
      await current?.undo();
      setCurrent(null);
    } catch (error) {
      setTrouble(reasonOf(error));
    }
  };
  return (
    <UndoContext.Provider value={value}>
      {children}
      <div
        aria-live="polite"
        className="pointer-events-none fixed inset-x-0 bottom-24 z-40 flex justify-center px-4"
      >
        {current && (
          <div className="pointer-events-auto flex items-center gap-4 rounded-[3px_10px_10px_3px] bg-[#14212b] px-4 py-2 text-[15px] text-[#f6f4ef] shadow-lg ring-1 ring-[#54616a]">
            <span>{trouble ?? current.words}</span>
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
        )}
      </div>
    </UndoContext.Provider>
  );
}

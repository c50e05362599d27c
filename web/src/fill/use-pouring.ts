import { useEffect, useRef, useState } from 'react';

const WHOLE_POUR_MS = 6000;

/** Lets the liters go in by themselves, from where they are to all of them. */
export function usePouring(all: number, at: number, go: (liters: number) => void) {
  const [pouring, setPouring] = useState(false);
  const from = useRef(at);
  useEffect(() => {
    from.current = at;
  }, [at]);
  useEffect(() => {
    if (!pouring) return;
    let frame = 0;
    let last = performance.now();
    const step = (now: number) => {
      const next = Math.min(all, from.current + (all * (now - last)) / WHOLE_POUR_MS);
      last = now;
      go(next);
      if (next >= all) setPouring(false);
      else frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [pouring, all, go]);
  const start = () => {
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
      go(all);
      return;
    }
    if (at >= all) {
      from.current = 0;
      go(0);
    }
    setPouring(true);
  };
  return { pouring, start, stop: () => setPouring(false) };
}

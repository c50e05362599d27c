import { useCallback, useEffect, useState } from 'react';

const RATE = 'elsko.aloud.rate';
const SLOWEST = 0.6;
const FASTEST = 1.6;
const PACE = 0.2;

const canSpeak = () => 'speechSynthesis' in window && 'SpeechSynthesisUtterance' in window;

const keptRate = () => Number(localStorage.getItem(RATE)) || 1;

/** Says texts aloud by the browser's own voice, which works without signal; how fast is kept on this device. */
export function useSpeech() {
  const [speaking, setSpeaking] = useState(false);
  const stop = useCallback(() => {
    if (canSpeak()) window.speechSynthesis.cancel();
    setSpeaking(false);
  }, []);
  const say = useCallback((texts: readonly string[]) => {
    window.speechSynthesis.cancel();
    texts.forEach((text, i) => {
      const one = new SpeechSynthesisUtterance(text);
      one.lang = document.documentElement.lang || 'en';
      one.rate = keptRate();
      if (i === texts.length - 1) one.onend = () => setSpeaking(false);
      window.speechSynthesis.speak(one);
    });
    setSpeaking(true);
  }, []);
  const pace = useCallback((faster: boolean) => {
    const next = keptRate() + (faster ? PACE : -PACE);
    localStorage.setItem(RATE, String(Math.min(FASTEST, Math.max(SLOWEST, next))));
  }, []);
  // Whoever goes away has heard enough.
  useEffect(() => stop, [stop]);
  return { able: canSpeak(), speaking, say, stop, pace };
}

import { loudness } from './loudness';

const KEY = 'elsko.rung';
const MOST_KEPT = 200;

let audio: AudioContext | null = null;

/** A browser lets a page sound only after somebody has touched it. */
export function soundAfterTouch(): () => void {
  window.addEventListener('pointerdown', soundNow, { once: true });
  return () => window.removeEventListener('pointerdown', soundNow);
}

/** Somebody touches it. */
export function soundNow(): void {
  if ('AudioContext' in window) audio ??= new AudioContext();
}

/** Of a tone's own range: louder than this it is torn. */
const LOUDEST = 0.5;

/** Calls out: three short tones, and a shake where the device can. */
export function ring(urgent: boolean): void {
  if ('vibrate' in navigator) navigator.vibrate(urgent ? [400, 150, 400, 150, 400] : [300]);
  const loud = (loudness() / 100) * LOUDEST;
  if (!audio || loud === 0) return;
  for (let i = 0; i < (urgent ? 3 : 1); i++) {
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    const from = audio.currentTime + i * 0.35;
    tone.frequency.value = urgent ? 880 : 660;
    gain.gain.setValueAtTime(loud, from);
    gain.gain.exponentialRampToValueAtTime(0.001, from + 0.3);
    tone.connect(gain).connect(audio.destination);
    tone.start(from);
    tone.stop(from + 0.3);
  }
}

function kept(): string[] {
  return JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[];
}

/** Whether this device has called this out already; after it, it has. */
export function isFirstTime(call: string): boolean {
  const rung = kept();
  if (rung.includes(call)) return false;
  localStorage.setItem(KEY, JSON.stringify([...rung, call].slice(-MOST_KEPT)));
  return true;
}

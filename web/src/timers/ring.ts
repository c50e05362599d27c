const KEY = 'elsko.rung';
const MOST_KEPT = 200;

let audio: AudioContext | null = null;

/** A browser lets a page sound only after somebody has touched it. */
export function soundAfterTouch(): () => void {
  const touched = () => {
    if ('AudioContext' in window) audio ??= new AudioContext();
  };
  window.addEventListener('pointerdown', touched, { once: true });
  return () => window.removeEventListener('pointerdown', touched);
}

/** Calls out: three short tones, and a shake where the device can. */
export function ring(urgent: boolean): void {
  if ('vibrate' in navigator) navigator.vibrate(urgent ? [400, 150, 400, 150, 400] : [300]);
  if (!audio) return;
  for (let i = 0; i < (urgent ? 3 : 1); i++) {
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    const from = audio.currentTime + i * 0.35;
    tone.frequency.value = urgent ? 880 : 660;
    loud.gain.setValueAtTime(0.3, from);
    loud.gain.exponentialRampToValueAtTime(0.001, from + 0.3);
    tone.connect(loud).connect(audio.destination);
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

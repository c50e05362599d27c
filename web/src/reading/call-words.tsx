import type { Call } from '../api/client';

const TONE: Record<Call, string> = {
  GOOD: 'text-spruce',
  MEND: 'text-brass',
  STOP: 'text-verm',
};

/** What a reading comes to and what to do; a stop cannot be overlooked. */
export function CallWords({ call, words }: { call: Call; words: string }) {
  if (!words) return null;
  if (call === 'STOP') {
    return (
      <p role="alert" className="m-0 rounded-sm bg-[#8f2f1e] p-3 text-[17px] font-bold text-white">
        {words}
      </p>
    );
  }
  return <p className={`m-0 font-semibold ${TONE[call]}`}>{words}</p>;
}

import { useEffect, useState } from 'react';

interface CopyableProps {
  /** What is copied: the bare number. */
  value: number;
  /** What is shown, with its unit. */
  shown: string;
  className?: string;
}

const SAID_FOR_MS = 1500;

/** A number that one click takes along. */
export function Copyable({ value, shown, className = '' }: CopyableProps) {
  const [said, setSaid] = useState<'copied' | 'select it instead' | null>(null);
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(() => setSaid(null), SAID_FOR_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(String(Number(value.toFixed(3))));
      setSaid('copied');
    } catch {
      setSaid('select it instead');
    }
  };
  return (
    <span>
      <button
        type="button"
        title="Copy this number"
        className={`decoration-line hover:decoration-brass cursor-copy border-0 bg-transparent p-0 text-inherit underline decoration-dotted underline-offset-4 select-text ${className}`}
        onClick={() => void copy()}
      >
        {shown}
      </button>
      <span role="status" className="text-soft text-[12.5px]">
        {said && ` ${said}`}
      </span>
    </span>
  );
}

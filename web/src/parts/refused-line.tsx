interface RefusedLineProps {
  words: string | null;
  className?: string;
}

/** What was refused, beside the button that asked for it; nothing while all is well. */
export function RefusedLine({ words, className = '' }: RefusedLineProps) {
  if (!words) return null;
  return (
    <p role="alert" className={`field-error m-0 ${className}`}>
      {words}
    </p>
  );
}

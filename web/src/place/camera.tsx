import type { ReactNode } from 'react';

interface CameraProps {
  className: string;
  disabled: boolean;
  take: (file: File | undefined) => void;
  children: ReactNode;
}

/** Opens the device's camera, or its pictures where it has none. */
export function Camera({ className, disabled, take, children }: CameraProps) {
  return (
    <label
      className={`${className} cursor-pointer focus-within:outline-[3px] focus-within:outline-(--color-brass)`}
    >
      {children}
      <input
        type="file"
        accept="image/*"
        capture="environment"
        className="sr-only"
        disabled={disabled}
        onChange={(event) => {
          take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
    </label>
  );
}

import type { ReactNode } from 'react';
import { Dialog as Radix } from 'radix-ui';

interface DialogProps {
  title: string;
  onClose: () => void;
  /** Colors and sizes of where it opens. */
  className?: string;
  children: ReactNode;
}

/** Keeps the focus inside, gives it back, and closes on Escape or beside it. */
export function Dialog({ title, onClose, className = '', children }: DialogProps) {
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-[#14212b]/40" />
        <Radix.Content
          aria-describedby={undefined}
          className={`${className} border-ink bg-paper text-ink fixed inset-x-0 top-[12vh] z-50 mx-auto max-h-[80vh] w-[min(560px,92vw)] overflow-y-auto rounded-[3px_14px_14px_3px] border-[1.5px] p-5 shadow-2xl`}
        >
          <Radix.Title className="sr-only">{title}</Radix.Title>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

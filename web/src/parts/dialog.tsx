import { useEffect, useRef } from 'react';
import type { ReactNode } from 'react';

interface DialogProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** The browser's own dialog: it keeps the focus inside and closes on Escape. */
export function Dialog({ title, onClose, children }: DialogProps) {
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const dialog = ref.current;
    dialog?.showModal();
    return () => dialog?.close();
  }, []);
  useEffect(() => {
    const dialog = ref.current;
    const beside = (event: MouseEvent) => {
      if (event.target === dialog) onClose();
    };
    dialog?.addEventListener('click', beside);
    return () => dialog?.removeEventListener('click', beside);
  }, [onClose]);
  return (
    <dialog
      ref={ref}
      aria-label={title}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      className="border-ink bg-paper text-ink m-auto mt-[12vh] w-[min(560px,92vw)] rounded-[3px_14px_14px_3px] border-[1.5px] p-0 shadow-2xl backdrop:bg-[#14212b]/40"
    >
      <div className="p-5">{children}</div>
    </dialog>
  );
}

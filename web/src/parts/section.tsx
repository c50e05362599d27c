import type { ReactNode } from 'react';

interface SectionProps {
  title: string;
  more?: string;
  children: ReactNode;
}

/** One subject of the settings. */
export function Section({ title, more, children }: SectionProps) {
  return (
    <section aria-label={title} className="mb-8 grid break-inside-avoid content-start gap-3">
      <div className="border-ink border-b-[1.5px] pb-1">
        <h2 className="stencil text-[19px]">{title}</h2>
        {more && <p className="text-soft m-0 text-[13.5px]">{more}</p>}
      </div>
      {children}
    </section>
  );
}

interface SaveProps {
  action: string;
  trouble: string | null;
  done?: string | null;
}

/** The button under a form, with what went wrong or right beside it. */
export function Save({ action, trouble, done }: SaveProps) {
  return (
    <div className="flex flex-wrap items-center gap-3">
      <button type="submit" className="btn btn-main">
        {action}
      </button>
      <span aria-live="polite" className="text-spruce text-[14px] font-semibold">
        {!trouble && done}
      </span>
      {trouble && (
        <p role="alert" className="field-error m-0">
          {trouble}
        </p>
      )}
    </div>
  );
}

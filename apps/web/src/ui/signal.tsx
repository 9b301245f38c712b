import type { Severity } from '@zindle/core';

/** In order: a dot. Watch: a lozenge. Stop: a triangle. Always with words beside it. */
export function Signal({ of }: { of: Severity | 'fine' }) {
  const shapes = {
    fine: <circle cx="6" cy="6" r="4.5" fill="#0F6B66" />,
    note: <circle cx="6" cy="6" r="4" fill="none" stroke="#56607A" strokeWidth="1.6" />,
    watch: <path d="M6 .5 11 6 6 11.5 1 6Z" fill="#B98A2F" />,
    stop: <path d="M6 1 11.5 11H.5Z" fill="#C8452F" />,
  };
  return (
    <svg width="12" height="12" className="mt-1 shrink-0" aria-hidden="true">
      {shapes[of]}
    </svg>
  );
}

export const severityWords: Record<Severity | 'fine', string> = {
  fine: 'In order',
  note: 'Note',
  watch: 'Watch',
  stop: 'Stop',
};

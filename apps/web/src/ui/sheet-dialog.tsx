import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';

interface Props {
  title: string;
  about: string;
  /** Width, px. */
  width?: number;
  onClose(): void;
  children?: React.ReactNode;
  /** What it is opened for; without it there is nothing to take over yet. */
  main?: { title: string; disabled?: boolean; onPress(): void } | undefined;
  /** Leaves all as it was; default true. */
  leave?: boolean;
  /** Stands apart from the ways out. */
  more?: React.ReactNode;
}

/** A sheet laid over the table: what it is for, its matter, and the ways out. */
export function SheetDialog({ title, about, width = 640, onClose, children, main, leave = true, more }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-auto p-6">
        <DialogPanel className="max-w-full rounded-xl border border-ink bg-sheet p-5 shadow-lg" style={{ width }}>
          <DialogTitle className="text-lg">{title}</DialogTitle>
          <p className="mt-1 text-quiet">{about}</p>
          {children && <div className="mt-3">{children}</div>}
          <div className="mt-4 flex justify-end gap-2">
            {more}
            {leave && (
              <button type="button" className="button" onClick={onClose}>
                Cancel
              </button>
            )}
            {main && (
              <button type="button" className="button button-main" disabled={main.disabled} onClick={main.onPress}>
                {main.title}
              </button>
            )}
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

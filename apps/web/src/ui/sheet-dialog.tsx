import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';

interface Props {
  title: string;
  about: string;
  /** Width, px. */
  width?: number;
  onClose(): void;
  children: React.ReactNode;
  /** The ways out, the main one last. */
  buttons: React.ReactNode;
}

/** A sheet laid over the table: what it is for, its matter, and the ways out. */
export function SheetDialog({ title, about, width = 640, onClose, children, buttons }: Props) {
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-auto p-6">
        <DialogPanel className="max-w-full rounded-xl border border-ink bg-sheet p-5 shadow-lg" style={{ width }}>
          <DialogTitle className="text-lg">{title}</DialogTitle>
          <p className="mt-1 text-quiet">{about}</p>
          <div className="mt-3">{children}</div>
          <div className="mt-4 flex justify-end gap-2">{buttons}</div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}

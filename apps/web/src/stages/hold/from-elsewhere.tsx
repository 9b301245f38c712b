import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { DesignDocument } from '@zindle/core';
import { lazy, Suspense, useState } from 'react';

const dialogs = {
  table: {
    title: 'A table of things',
    about: 'CSV: names, counts, sizes',
    Dialog: lazy(async () => ({ default: (await import('./contents-dialog.tsx')).ContentsDialog })),
  },
  outline: {
    title: 'An outline',
    about: 'SVG or DXF of one thing',
    Dialog: lazy(async () => ({ default: (await import('./outline-dialog.tsx')).OutlineDialog })),
  },
  trace: {
    title: 'Trace a photo',
    about: 'clicked round, with a known length beside it',
    Dialog: lazy(async () => ({ default: (await import('./trace-dialog.tsx')).TraceDialog })),
  },
  cover: {
    title: 'Measure a cover you have',
    about: 'what fits into a pouch that fits',
    Dialog: lazy(async () => ({ default: (await import('./cover-dialog.tsx')).CoverDialog })),
  },
} as const;
type Way = keyof typeof dialogs;

/** Things that come from a file, a photo, or from what holds them now. */
export function FromElsewhere({ document, disabled }: { document: DesignDocument; disabled: boolean }) {
  const [way, choose] = useState<Way>();
  const Dialog = way && dialogs[way].Dialog;
  return (
    <>
      <Menu>
        <MenuButton className="button min-h-11" disabled={disabled}>
          From elsewhere
        </MenuButton>
        <MenuItems
          anchor={{ to: 'bottom end', gap: 6 }}
          className="z-30 w-72 rounded-lg border border-hair bg-sheet p-1.5 shadow-lg outline-none"
        >
          {(Object.keys(dialogs) as Way[]).map((id) => (
            <MenuItem key={id}>
              <button
                type="button"
                className="block w-full rounded px-3 py-2 text-left data-focus:bg-cloth"
                onClick={() => choose(id)}
              >
                <b className="font-semibold">{dialogs[id].title}</b>
                <span className="block text-quiet">{dialogs[id].about}</span>
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <Suspense>{Dialog && <Dialog document={document} onClose={() => choose(undefined)} />}</Suspense>
    </>
  );
}

import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Check, Layers, Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import type { Board } from '@zindle/core';
import { layerNames, type LayerName, type Shown } from '../../../board/side-drawing.tsx';
import { TrueSizeDialog } from '../../../board/true-size-dialog.tsx';
import type { BoardCamera } from '../../../board/use-camera.ts';
import { useTrueSize } from '../../../store/true-size.ts';
import type { WithSolution } from '../../use-solved.ts';
import { PictureOut } from './picture-out.tsx';

const STEP = 1.25;

interface Props extends WithSolution {
  board: Board;
  camera: BoardCamera;
  show: Shown;
  onShow(show: Shown): void;
}

/** How the board is looked at: larger, smaller, fitted, in true size, and what of it is shown. */
export function BoardTools({ camera, show, onShow, ...drawn }: Props) {
  const pxPerMm = useTrueSize((state) => state.pxPerMm);
  const [measuring, measure] = useState(false);
  return (
    <div className="absolute right-3 bottom-3 z-10 flex flex-wrap justify-end gap-1.5">
      <div className="flex">
        <button
          type="button"
          className="button rounded-r-none px-2.5"
          aria-label="Smaller"
          onClick={() => camera.zoom(1 / STEP)}
        >
          <Minus size={15} aria-hidden="true" />
        </button>
        <button
          type="button"
          className="button -ml-px rounded-l-none px-2.5"
          aria-label="Larger"
          onClick={() => camera.zoom(STEP)}
        >
          <Plus size={15} aria-hidden="true" />
        </button>
      </div>
      <button type="button" className="button" onClick={camera.fit}>
        Fit
      </button>
      <button
        type="button"
        className="button"
        aria-pressed={camera.trueSize}
        onClick={() => (pxPerMm === undefined ? measure(true) : camera.trueSize ? camera.fit() : camera.toTrueSize())}
      >
        True size
      </button>
      {camera.trueSize && (
        <button type="button" className="button" onClick={() => measure(true)}>
          Measure the screen
        </button>
      )}
      <Menu>
        <MenuButton className="button" aria-label="What is shown">
          <Layers size={15} aria-hidden="true" /> Shown
        </MenuButton>
        <MenuItems
          modal={false}
          anchor={{ to: 'top end', gap: 6 }}
          className="z-30 w-52 rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
        >
          {(Object.keys(layerNames) as LayerName[]).map((name) => (
            <MenuItem key={name}>
              <button
                type="button"
                role="menuitemcheckbox"
                aria-checked={show[name]}
                className="flex w-full items-center gap-2 rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
                onClick={(event) => (event.preventDefault(), onShow({ ...show, [name]: !show[name] }))}
              >
                <Check size={14} aria-hidden="true" className={show[name] ? '' : 'opacity-0'} />
                {layerNames[name]}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <PictureOut {...drawn} show={show} />
      <TrueSizeDialog
        open={measuring}
        onClose={() => measure(false)}
        onMeasured={() => {
          measure(false);
          camera.toTrueSize();
        }}
      />
    </div>
  );
}

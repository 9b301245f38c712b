import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { standsOut, type BodyPlace, type Board, type DesignDocument } from '@zindle/core';
import { Check, Plus } from 'lucide-react';
import type { Frame } from '../../../board/frame.ts';
import { additions, type Addition } from '../../../derivations/additions.ts';
import { useKinds } from '../../../store/kinds-context.ts';
import { useDesign } from '../../../store/design-context.ts';

const titles: Record<BodyPlace, string> = {
  mouth: 'Add at the mouth',
  edge: 'Add at the edge',
  sides: 'Add at the sides',
  base: 'Add in the base',
};
/** From the drawing to the middle of a button, px. */
const AWAY = 20;

/** While the whole piece is in hand: what closes it, carries it or stiffens it, added where it goes. */
export function AddOns({ document, board, frame }: { document: DesignDocument; board: Board; frame: Frame }) {
  const kinds = useKinds();
  const body = useDesign((state) => state.selection === 'body' && state.placing === undefined);
  if (!body) return null;
  const { width, height } = board;
  const { x, y } = frame;
  const at: Record<BodyPlace, [number, number]> = {
    mouth: [x(width / 2), y(height) - AWAY],
    edge: [x(width) + AWAY, y(height * 0.85)],
    sides: [x(-standsOut(board).left) - AWAY, y(height / 2)],
    base: [x(width * 0.06), y(0) + AWAY - 4],
  };
  return additions(document, kinds).map(({ place, list }) => (
    <AddAt key={place} title={titles[place]} at={at[place]} list={list} />
  ));
}

function AddAt({ title, at, list }: { title: string; at: [number, number]; list: readonly Addition[] }) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  return (
    <div className="absolute z-10 -translate-x-1/2 -translate-y-1/2" style={{ left: at[0], top: at[1] }}>
      <Menu>
        <MenuButton
          className="flex size-6 items-center justify-center rounded-full border border-ink bg-sheet hover:bg-white"
          aria-label={title}
          title={title}
        >
          <Plus size={14} aria-hidden="true" />
        </MenuButton>
        <MenuItems
          modal={false}
          anchor={{ to: 'bottom', gap: 4 }}
          className="z-30 w-60 rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
        >
          {list.map(({ id, title: name, there, edit: add }) => (
            <MenuItem key={id}>
              <button
                type="button"
                className="flex w-full items-center gap-2 rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
                onClick={() => (there === undefined ? edit(add) : select(there))}
              >
                <Check size={14} aria-hidden="true" className={there === undefined ? 'opacity-0' : ''} />
                {name}
                {there !== undefined && <span className="ml-auto text-xs text-quiet">its sizes</span>}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
    </div>
  );
}

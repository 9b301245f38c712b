import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { addNote, nextId, type Board } from '@zindle/core';
import { Image, StickyNote } from 'lucide-react';
import { toast } from 'sonner';
import type { Shown } from '../../../board/side-drawing.tsx';
import { useDesign } from '../../../store/design-context.ts';
import { useUnit } from '../../../ui/use-length.ts';
import type { WithSolution } from '../../use-solved.ts';

const kinds = [
  { id: 'svg', title: 'SVG, to scale' },
  { id: 'png', title: 'PNG' },
] as const;

interface Props extends WithSolution {
  board: Board;
  show: Shown;
}

/** Pins a note to the board, and takes the board out as a picture. */
export function PictureOut({ document, solution, board, show }: Props) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const unit = useUnit();
  async function save(kind: (typeof kinds)[number]['id']) {
    try {
      const { pictureOf } = await import('../../../board/picture.tsx');
      const { blob, name } = await pictureOf({ document, solution, board, show, unit }, kind);
      const link = window.document.createElement('a');
      link.href = URL.createObjectURL(blob);
      link.download = name;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 1000);
    } catch {
      toast('The picture could not be made. Try again, or take the other kind.');
    }
  }
  function pin() {
    const id = nextId('n', document.notes ?? []);
    edit(addNote({ board: board.id, x: board.width / 2, y: board.height / 2 }, 'Note'));
    select(`notes/${id}`);
  }
  return (
    <>
      <button type="button" className="button" onClick={pin}>
        <StickyNote size={15} aria-hidden="true" /> Pin a note
      </button>
      <Menu>
        <MenuButton className="button px-2.5" aria-label="Picture of this side">
          <Image size={15} aria-hidden="true" />
        </MenuButton>
        <MenuItems
          modal={false}
          anchor={{ to: 'top end', gap: 6 }}
          className="z-30 w-44 rounded-lg border border-ink bg-sheet p-1.5 shadow-lg outline-none"
        >
          {kinds.map(({ id, title }) => (
            <MenuItem key={id}>
              <button
                type="button"
                className="block w-full rounded px-2.5 py-1.5 text-left data-focus:bg-cloth"
                onClick={() => void save(id)}
              >
                {title}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
    </>
  );
}

import { addNote, nextId, type Board } from '@zindle/core';
import { Image, StickyNote } from 'lucide-react';
import { toast } from 'sonner';
import type { Shown } from '../../../board/drawing-kit.ts';
import { useDesign } from '../../../store/design-context.ts';
import { ActionMenu } from '../../../ui/action-menu.tsx';
import { saveFile } from '../../../ui/save-file.ts';
import { useUnit } from '../../../ui/use-length.ts';
import type { WithSolution } from '../../use-solved.ts';

interface Props extends WithSolution {
  board: Board;
  show: Shown;
}

/** Pins a note to the board, and takes the board out as a picture. */
export function PictureOut({ document, solution, board, show }: Props) {
  const edit = useDesign((state) => state.edit);
  const select = useDesign((state) => state.select);
  const unit = useUnit();
  async function save(kind: 'svg' | 'png') {
    try {
      const { pictureOf } = await import('../../../board/picture.tsx');
      const { blob, name } = await pictureOf({ document, solution, board, show, unit }, kind);
      saveFile(name, blob);
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
      <ActionMenu
        label="Picture of this side"
        icon={<Image size={15} aria-hidden="true" />}
        to="top end"
        actions={[
          { title: 'SVG, to scale', onPress: () => void save('svg') },
          { title: 'PNG', onPress: () => void save('png') },
        ]}
      />
    </>
  );
}

import type { DesignDocument, Edit, Kinds } from '@zindle/core';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { StoredDesign } from '../api/client.ts';
import { withUsualChoices } from './usual-choices.ts';
import { applyEdit, emptyHistory, redoStep, undoStep, type History } from './history.ts';

/** Path of what is looked at, such as `body`, `holders/A`, `stacks/lining`, `closure`, `contents/c1`. */
export type Selection = string;

/** A number that is explained: its path in the solution, and which of its parts were opened. */
export interface Explained {
  path: string;
  into: readonly number[];
}

/** What is being put somewhere: things of a line, or a holder with all that is in it. */
export type Placing = { kind: 'line'; line: string } | { kind: 'holder'; holder: string };

/** How the document stands with the server. */
export type SaveState =
  | { kind: 'stored' }
  | { kind: 'pending' }
  /** The server does not answer or refuses; the changes are kept in this browser. */
  | { kind: 'kept'; reason: string }
  /** The design was changed elsewhere. */
  | { kind: 'conflict' };

export interface DesignState {
  document: DesignDocument;
  /** The revision that the document was changed from. */
  revision: number;
  history: History;
  save: SaveState;
  selection: Selection;
  explained: Explained | undefined;
  /** The side that is looked at: the id of a board, `form` or `pieces`; nothing for the first one. */
  side: string | undefined;
  placing: Placing | undefined;
  /** The document as it was when a drag began: what is not dragged keeps to it until it ends. */
  held: DesignDocument | undefined;
  /** @param gesture edits with one gesture become one undo step */
  edit(edit: Edit, gesture?: string): void;
  undo(): void;
  redo(): void;
  select(selection: Selection): void;
  explain(explained: Explained | undefined): void;
  look(side: string): void;
  place(placing: Placing | undefined): void;
  /** A drag begins, or ends. */
  hold(on: boolean): void;
}

export type DesignStore = StoreApi<DesignState>;

/** The state of one open design: the document with its history, and what the maker looks at.
 * @param kinds the families that its edits know; default those that ship */
export function createDesignStore(
  { document, revision }: Pick<StoredDesign, 'document' | 'revision'>,
  kinds?: Kinds,
): DesignStore {
  return createStore<DesignState>((set, get) => ({
    document,
    revision,
    history: emptyHistory,
    save: { kind: 'stored' },
    selection: 'body',
    explained: undefined,
    side: undefined,
    placing: undefined,
    held: undefined,
    edit(edit, gesture) {
      const { document: current, history } = get();
      const next = applyEdit(current, history, edit, { gesture, kinds: withUsualChoices(kinds) });
      if (next) set(next);
    },
    undo() {
      const { document: current, history } = get();
      set(undoStep(current, history) ?? {});
    },
    redo() {
      const { document: current, history } = get();
      set(redoStep(current, history) ?? {});
    },
    select: (selection) =>
      set((state) => (state.selection === selection ? state : { selection, explained: undefined })),
    explain: (explained) => set({ explained }),
    look: (side) => set({ side }),
    place: (placing) => set({ placing }),
    hold: (on) => set(({ document: now }) => ({ held: on ? now : undefined })),
  }));
}

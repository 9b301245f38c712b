import type { Kinds } from '../../kinds/kind-set.ts';
import type { DesignDocument } from '../design-document.ts';

/** A change of a design with a name for the history; applying it never changes the document it is given. */
export interface Edit {
  name: string;
  /** @param kinds the families that there are; default those that ship */
  apply(document: DesignDocument, kinds?: Kinds): DesignDocument;
}

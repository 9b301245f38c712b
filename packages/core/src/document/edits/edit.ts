import type { DesignDocument } from '../design-document.ts';

/** A change of a design with a name for the history; applying it never changes the document it is given. */
export interface Edit {
  name: string;
  apply(document: DesignDocument): DesignDocument;
}

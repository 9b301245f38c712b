import type { DesignDocument } from '@zindle/core';

/** What the ways of adding things from elsewhere are given. */
export interface ElsewhereProps {
  document: DesignDocument;
  onClose(): void;
}

import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';

const fan = demoDesigns.find(({ id }) => id === 'receipts-accordion')!;

/** The receipts accordion as a file: its compartments stand on a flat base. */
export const flatAccordion: DesignDocument = {
  ...fan,
  id: 'receipts-file',
  body: { ...fan.body, params: { ...fan.body.params, foot: 'flat' } },
};

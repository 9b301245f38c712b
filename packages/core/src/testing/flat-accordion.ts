import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';

const fan = demoDesigns.find(({ id }) => id === 'receipts-accordion')!;

const inWall = fan.holders.find(({ kind }) => kind === 'zip-pocket');

/** The receipts accordion as a file: its compartments stand on a flat base, and there is nothing in its walls. */
export const flatAccordion: DesignDocument = {
  ...fan,
  id: 'receipts-file',
  contents: fan.contents.filter(({ id }) => id !== inWall?.contents[0]?.line),
  holders: fan.holders.filter((holder) => holder !== inWall),
  faces: Object.fromEntries(Object.entries(fan.faces).filter(([face]) => face !== 'back-wall')),
  body: { ...fan.body, params: { ...fan.body.params, foot: 'flat' } },
};

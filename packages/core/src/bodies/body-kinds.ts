import type { BodyKind } from './body-kind.ts';
import { accordion } from './accordion/accordion.ts';
import { box } from './box/box.ts';
import { doubleTube } from './double-tube/double-tube.ts';
import { foldover } from './foldover/foldover.ts';
import { folio } from './folio/folio.ts';
import { jacket } from './jacket/jacket.ts';
import { organizer } from './organizer/organizer.ts';
import { panel } from './panel/panel.ts';
import { roll } from './roll/roll.ts';
import { round } from './round/round.ts';
import { shell } from './shell/shell.ts';
import { sleeve } from './sleeve/sleeve.ts';
import { zipTube } from './zip-tube/zip-tube.ts';

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each kind keeps its own detail to itself
export type BodyKinds = Readonly<Record<string, BodyKind<any>>>;

/** The body families that ship. */
export const bodyKinds = {
  foldover,
  panel,
  roll,
  sleeve,
  round,
  jacket,
  folio,
  'zip-tube': zipTube,
  'double-tube': doubleTube,
  box,
  organizer,
  shell,
  accordion,
} satisfies BodyKinds;

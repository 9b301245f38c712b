import type { BodyKind } from './body-kind.ts';
import { foldover } from './foldover/foldover.ts';
import { roll } from './roll/roll.ts';
import { sleeve } from './sleeve/sleeve.ts';

// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each kind keeps its own detail to itself
export type BodyKinds = Readonly<Record<string, BodyKind<any>>>;

/** The body families that ship. */
export const bodyKinds = { foldover, roll, sleeve } satisfies BodyKinds;

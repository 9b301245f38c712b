import { builtInKinds, type Kinds } from '@zindle/core';

/** The families of the page and of its workers: functions cannot be sent to a worker, so both read them here. A family that is
 * added here is known everywhere. */
export const pageKinds: Kinds = builtInKinds;

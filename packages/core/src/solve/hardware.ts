import type { Making } from '../bodies/assemble.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import { standardHardware, type Hardware } from '../shelves/hardware/hardware.ts';
import type { Shelves } from '../shelves/shelves.ts';

/** The entry that is used in place of a piece of standard hardware, if it is there and of its kind. */
function insteadOf(standard: string, { hardware = {} }: DesignDocument, shelves: Shelves): Hardware | undefined {
  const kind = standardHardware.find(({ id }) => id === standard)?.kind;
  return shelves.hardware.find((entry) => entry.id === hardware[standard] && entry.kind === kind);
}

/** What is made, with what stands in for standard hardware under its own name. */
export function withStandIns(making: Making, document: DesignDocument, shelves: Shelves): Making {
  if (!document.hardware) return making;
  const own = (id: string): string => insteadOf(id, document, shelves)?.id ?? id;
  return {
    ...making,
    pieces: making.pieces.map((piece) => ({ ...piece, materials: piece.materials.map(own) })),
    hardware: making.hardware.map((need) => {
      const id = own(need.id);
      return id === need.id ? need : { ...need, id, insteadOf: need.id };
    }),
  };
}

/** Entries that a design wants to use and cannot. */
export const checkHardware = (document: DesignDocument, shelves: Shelves): Finding[] =>
  Object.entries(document.hardware ?? {}).flatMap(([standard, own]): Finding[] =>
    insteadOf(standard, document, shelves)
      ? []
      : [
          {
            code: 'hardware.missing',
            severity: 'watch',
            about: [`hardware/${standard}`],
            numbers: {},
            text: say`“${own}” cannot stand in for ${standard}: it is not on the shelf, or of another kind. The standard one is used.`,
          },
        ],
  );

import type { Making } from '../bodies/assemble.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import { standInFor } from '../shelves/hardware/stand-ins.ts';
import type { Shelves } from '../shelves/shelves.ts';

const insteadOf = (standard: string, { hardware }: DesignDocument, shelves: Shelves): Hardware | undefined =>
  standInFor(standard, shelves.hardware, hardware);

/** What is made, with what stands in for standard hardware under its own name. */
export function withStandIns(making: Making, document: DesignDocument, shelves: Shelves): Making {
  if (!document.hardware) return making;
  const own = (id: string): string => insteadOf(id, document, shelves)?.id ?? id;
  return {
    ...making,
    pieces: making.pieces.map((piece) => ({
      ...piece,
      materials: piece.materials.map(own),
      marks: piece.marks.map((mark) =>
        mark.hardware ? { ...mark, hardware: { ...mark.hardware, id: own(mark.hardware.id) } } : mark,
      ),
    })),
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

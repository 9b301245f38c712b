import type { DesignDocument } from '../document/design-document.ts';
import type { FittedClearance } from '../fit/clearance.ts';
import { fitRooms } from '../fit/fit-rooms.ts';
import type { Fitting } from '../fit/fitting.ts';
import { CutParts } from '../fit/cut-parts.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Item } from '../shelves/items/item.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import type { LengthRule } from '../shelves/rules/house-rule.ts';
import { itemOf } from '../document/item-of.ts';
import type { Solution } from '../solve/solution.ts';
import { insideOf } from '../solve/inside-of.ts';
import { asAdapted } from './room-checks.ts';
import { witnessedTogether } from './bag-witness.ts';
import { witnessed, type Witnessed } from './fit-witness.ts';
import { clothOf, leastOfEach } from './thing-witness.ts';

/** Within so much the fitting and its witness may differ: sampled lines, and walls of unlike cloth. mm */
export const BAND = 0.3;

/** A thing as large as another by a factor, with sides alone. */
const plain = ({ girth: _girth, section: _section, edgeRadius: _edge, ...item }: Item, scale: number): Item => ({
  ...item,
  length: item.length * scale,
  width: item.width * scale,
  thickness: item.thickness * scale,
});

/** How a thing is changed, by its line; nothing where it is taken out. */
export type Change = (item: Item, line: string) => Item | undefined;

/** What a solved design looks things up in, and its things as they are changed. */
export function fittingOf(design: DesignDocument, solution: Solution, change: Change) {
  const rules = asAdapted(design, solution);
  const { pieces, seams, rooms, shuts, opens } = solution;
  return {
    pieces,
    seams,
    rooms,
    shuts,
    opens,
    laps: solution.laps,
    meetings: solution.meetings,
    onBase: solution.onBase,
    ...insideOf(solution.body),
    closed: solution.body.beneath,
    materialOf: (id: string) => standardMaterials.find((each) => each.id === id),
    hardwareOf: (id: string) => hardwareOf(id),
    inset: (id: string) => rules.length(houseRulesOf(builtInKinds)[id] as LengthRule),
    contents(id: string) {
      const line = design.contents.find((each) => each.id === id);
      const found = line && itemOf(design, line.item, standardItems);
      const item = found && change(found, id);
      return line && item && { line, item, name: item.name, count: line.count };
    },
  } satisfies Fitting;
}

/** The fitting of pieces that were cut for a design, with its things as they are now. */
export const refitted = (
  design: DesignDocument,
  solution: Solution,
  change: Change = (same) => same,
): FittedClearance[] => fitRooms(fittingOf(design, solution, change));

/** What a room clears by itself or with all that lies in the same bag, whichever is less; what its own walls do not tell across, because
 * they stretch, is told by nothing. */
function withAll(own: readonly Witnessed[], together: readonly Witnessed[]): Witnessed[] {
  const told = together.filter(
    ({ direction }) => direction !== 'across' || own.some((each) => each.direction === direction),
  );
  return leastOfEach([...own, ...told]);
}

/** A flap is as thick as its layers, and goes over a square or a round edge. */
function overOf({ laps: [lap], body, pieces }: Solution): { over?: number } {
  if (!lap) return {};
  const own = lap.layers.reduce((sum, piece) => sum + clothOf(pieces, { piece }).thick, 0);
  return { over: (body.beneath.full.value + own) * (lap.over === 'rounded' ? Math.PI / 2 : 1) };
}

/** A solved design whose things were exchanged for larger or smaller ones: what the fitting and the witness say of each room. */
export function compared(
  design: DesignDocument,
  solution: Solution,
  scale: number,
): (Witnessed & { fitted: number })[] {
  const fitting = fittingOf(design, solution, (item) => plain(item, scale));
  const { rooms, shuts, opens, contents, inset } = fitting;
  const clearances = fitRooms(fitting);
  const parts = new CutParts(fitting);
  const drop = Math.max(0, ...shuts.map((each) => parts.drop(each)));
  const insetOf = (id: string) => inset(id).value;
  const onBase = solution.onBase.reduce(
    (sum, lying) => sum + (lying.double ? 2 : 1) * clothOf(solution.pieces, { piece: lying.piece }).thick,
    0,
  );
  const together = witnessedTogether(fitting, fitting.inside, rooms, {
    contents,
    inset: insetOf,
    shut: shuts.length > 0,
    taken: drop,
    onBase,
  });
  return rooms.flatMap((room) => {
    const under = room.underClosure ?? false;
    const asked = {
      contents,
      inset: insetOf,
      shut: (room.shut ?? false) || (under && shuts.length > 0),
      taken: under ? drop : 0,
      others: rooms.filter((other) => other !== room),
      onBase,
      behind: (room.behind ?? []).map((id) => rooms.find((each) => each.id === id)!),
      ...(opens[0] && { opening: opens[0] }),
      ...overOf(solution),
    };
    const own = witnessed(fitting, room, asked);
    const all = together.rooms.includes(room) ? withAll(own, together.found) : own;
    return all.flatMap((each) => {
      const found = clearances.filter(
        ({ room: id, direction, line }) =>
          id === room.id && direction === each.direction && (!each.line || each.line === line),
      );
      const least = Math.min(...found.map(({ clearance }) => clearance.value));
      return found.length > 0 ? [{ ...each, fitted: least }] : [];
    });
  });
}

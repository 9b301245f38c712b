import type { DesignDocument } from '../document/design-document.ts';
import type { Edit } from '../document/edits/edit.ts';
import type { Finding } from '../errors/finding.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { Shelves } from '../shelves/shelves.ts';
import { sizeChanges, type SizeChange } from '../solve/compare.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { newStops } from './new-stops.ts';

/** What an edit would do. All mm. */
export interface Trial {
  /** The size that the holder in question would have; nothing if there is none. */
  needs: { width: number; height: number } | undefined;
  /** Finished sizes and thickness that would be others. */
  changes: SizeChange[];
  /** Reasons against it that are not there now. */
  stops: Finding[];
}

/** Tries an edit on a design without changing it.
 * @param before the design as it is solved now
 * @param line the contents whose holder is asked for */
export function tryEdit(
  document: DesignDocument,
  edit: Edit,
  before: Solution,
  shelves: Shelves,
  line: string,
  kinds: Kinds = builtInKinds,
): Trial {
  const after = solveDesign(edit.apply(document, kinds), shelves, kinds);
  const holder = after.holders.find(({ things }) => things.some((thing) => thing.line === line));
  return {
    needs: holder && { width: holder.seat.width.value, height: holder.seat.height.value },
    changes: sizeChanges(before, after).filter(({ path }) => !path.startsWith('pieces/')),
    stops: newStops(before.findings, after.findings),
  };
}

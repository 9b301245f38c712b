import { tabulate, type Derivation } from '../derived/tabulate.ts';
import { wordingText, type Wording } from '../errors/wording.ts';
import { formatLength } from '../units/format-length.ts';
import type { LengthUnit } from '../units/length.ts';
import type { Solution } from './solution.ts';

/** A solution as plain JSON: every Derived is `{value, unit, label, why}`, and `why` names a row of `derivations`.
 * Findings, operations and their actions get a `message` in the maker's unit beside their parts. */
export type DescribedSolution = Record<string, unknown> & { derivations: Derivation[] };

/** Turns a solution into JSON that explains itself. */
export function describeSolution(solution: Solution, unit: LengthUnit): DescribedSolution {
  const { body, section, ...rest } = solution;
  const message = (text: Wording) =>
    wordingText(text, (value, toward) => formatLength(value, { unit, withUnit: true, ...(toward && { toward }) }));
  const plain = {
    ...rest,
    body: { kind: body.kind, sizes: body.sizes, readBack: body.readBack },
    holders: solution.holders.map(({ id, kind, face, title, sizes, mouths, stitching, things, clearances }) => ({
      id,
      kind,
      face,
      title,
      sizes,
      mouths,
      stitching,
      things,
      clearances,
    })),
    findings: solution.findings.map((finding) => ({ ...finding, message: message(finding.text) })),
    operations: solution.operations.map((operation) => ({
      ...operation,
      message: message(operation.text),
      warnings: operation.warnings.map((text) => ({ text, message: message(text) })),
      actions: operation.actions.map((action) => ({ ...action, message: message(action.sentence) })),
    })),
    section,
  };
  const { tree, rows } = tabulate(plain);
  return { ...(tree as Record<string, unknown>), derivations: rows };
}

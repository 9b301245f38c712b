import { kindOf } from '../document/kind-of.ts';
import type { BodyKind, SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, SolvedClosure } from '../closures/closure-kind.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { Kinds } from './kinds.ts';

export interface SolvedPart extends SolvedClosure {
  id: string;
  kind: string;
  title: string;
}

/** Solves what is set on a body besides its closure; what it cannot have is left away and told. */
export function solveParts(
  { parts = [] }: DesignDocument,
  kind: BodyKind,
  body: SizedBody,
  inputs: Omit<ClosureInputs, 'id'>,
  kinds: Kinds,
): { parts: SolvedPart[]; findings: Finding[] } {
  const findings: Finding[] = [];
  const solved = parts.flatMap(({ id, kind: name, params }): SolvedPart[] => {
    const family = kindOf(kinds.parts, name);
    const about = [`parts/${id}`];
    if (family && kind.parts?.includes(name))
      return [{ id, kind: name, title: family.title, ...family.solve(params, body, { ...inputs, id: `parts/${id}` }) }];
    const text = family
      ? say`A ${kind.title.toLowerCase()} cannot have “${family.title.toLowerCase()}”. Take it away.`
      : say`This version of Zindle does not know the part “${name}” (${id}).`;
    findings.push({ code: 'part.notForBody', severity: 'stop', about, numbers: {}, text });
    return [];
  });
  return { parts: solved, findings };
}

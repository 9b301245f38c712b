import type { BodyKind, SizedBody } from '../bodies/body-kind.ts';
import type { SolvedClosure } from '../closures/closure-kind.ts';
import type { DesignDocument, PartEntry } from '../document/design-document.ts';
import { kindOf } from '../document/kind-of.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { capital, withArticle } from '../errors/first-letter.ts';
import { say } from '../errors/wording.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { forPart, type Inputs } from './own-stacks.ts';

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
  inputs: Inputs,
  kinds: Kinds,
): { parts: SolvedPart[]; findings: Finding[] } {
  const findings: Finding[] = [];
  const solved = parts.flatMap((part): SolvedPart[] => {
    const result = solvePart(part, kind, body, inputs, kinds);
    if ('solved' in result) return [result.solved];
    const about = [`parts/${part.id}`];
    findings.push({ code: 'part.notForBody', severity: 'stop', about, numbers: {}, text: result.impossible });
    return [];
  });
  return { parts: solved, findings };
}

function solvePart(
  { id, kind: name, params }: PartEntry,
  kind: BodyKind,
  body: SizedBody,
  inputs: Inputs,
  kinds: Kinds,
): { solved: SolvedPart } | { impossible: Finding['text'] } {
  const family = kindOf(kinds.parts, name);
  if (!family) return { impossible: say`This version of Zindle does not know the part “${name}” (${id}).` };
  const title = family.title;
  if (!kind.parts?.includes(name))
    return {
      impossible: say`${capital(withArticle(kind.title.toLowerCase()))} cannot have “${title.toLowerCase()}”. Take it away.`,
    };
  try {
    return {
      solved: {
        id,
        kind: name,
        title,
        ...family.solve(params, body, { ...forPart(inputs, `parts/${id}`), id: `parts/${id}` }),
      },
    };
  } catch (error) {
    // the form that was chosen may lack what the part needs
    if (!(error instanceof CoreError) || error.code !== 'part.notForBody') throw error;
    return { impossible: say`${title}: ${error.message}. Take it away, or choose another form.` };
  }
}

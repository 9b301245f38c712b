import { DOCUMENT_FORMAT, DOCUMENT_VERSION, holdersIn, type DesignDocument } from '../design-document.ts';
import { migrate } from '../migrations/migrate.ts';
import { problemsWith, type Problem } from './problems.ts';
import { DesignDocumentSchema } from './schema.ts';

export type ReadResult =
  | { ok: true; document: DesignDocument; migrated: string[] }
  | { ok: false; code: ReadCode; message: string; fields: Problem[] };
export type ReadCode = 'document.notADesign' | 'document.newer' | 'document.damaged';

const refuse = (code: ReadCode, message: string, fields: Problem[] = []): ReadResult => ({
  ok: false,
  code,
  message,
  fields,
});

/** Reads a design from plain JSON: lifts old versions, refuses newer ones by name, names what is damaged.
 * The value given is never changed, and fields that are not known survive. */
export function readDocument(json: unknown): ReadResult {
  if (
    typeof json !== 'object' ||
    json === null ||
    Array.isArray(json) ||
    (json as { format?: unknown }).format !== DOCUMENT_FORMAT
  )
    return refuse(
      'document.notADesign',
      `This is not a Zindle design: it does not say “format”: “${DOCUMENT_FORMAT}”.`,
    );
  const { version } = json as { version?: unknown };
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse('document.damaged', 'The design does not say which version of the format it has.', [
      { path: 'version', message: 'version must be a whole number' },
    ]);
  if (version > DOCUMENT_VERSION)
    return refuse(
      'document.newer',
      `The design was written by a newer Zindle (format version ${version}; this one reads up to ${DOCUMENT_VERSION}). It is left as it is: update Zindle to open it.`,
    );
  const { document, applied } = migrate(json as Record<string, unknown>, version);
  const fields = problemsOf(document);
  if (fields.length > 0) {
    const [first] = fields;
    const more = fields.length > 1 ? `, and ${fields.length - 1} more` : '';
    return refuse('document.damaged', `The design is damaged: ${first!.path} (${first!.message})${more}.`, fields);
  }
  return { ok: true, document: document as unknown as DesignDocument, migrated: applied };
}

function problemsOf(document: Record<string, unknown>): Problem[] {
  const problems = problemsWith(DesignDocumentSchema, document);
  if (problems.length > 0) return problems;
  const sound = document as unknown as DesignDocument;
  return [...doubleIds(sound), ...doubleSeats(sound)];
}

function doubleIds({ contents, holders, ownItems, parts = [], notes = [], pieces = [] }: DesignDocument): Problem[] {
  return Object.entries({ contents, holders, ownItems, parts, notes, pieces }).flatMap(([path, list]) => {
    const ids = list.map(({ id }) => id);
    const double = ids.find((id, index) => ids.indexOf(id) !== index);
    return double ? [{ path, message: `“${double}” stands there twice` }] : [];
  });
}

/** A holder sits in one place only. */
function doubleSeats({ faces }: DesignDocument): Problem[] {
  const seated = Object.values(faces).flatMap(holdersIn);
  const seen = new Set<string>();
  const double = seated.find((id) => seen.has(id) || !seen.add(id));
  return double ? [{ path: 'faces', message: `holder “${double}” sits in two places` }] : [];
}

import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { DesignDocumentSchema } from './schema.ts';
import { defaultMetadataStorage } from './transform-storage.ts';

const REFS = '#/$defs/';
type Schemas = Record<string, object>;

/** The JSON Schema of a design document, made from its validator. */
export function designJsonSchema(): object {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: REFS,
  }) as Schemas;
  const root = withoutStrayRefs(schemas[DesignDocumentSchema.name]!, schemas);
  const names = [...reachable(root, schemas)].sort();
  const $defs = Object.fromEntries(names.map((name) => [name, withoutStrayRefs(schemas[name]!, schemas)]));
  return { $schema: 'https://json-schema.org/draft/2020-12/schema', ...root, $defs };
}

const nameOf = (ref: unknown): string => (typeof ref === 'string' ? ref.slice(REFS.length) : '');

/** Reflected types such as `Object` are no schemas of ours. */
function withoutStrayRefs(schema: object, schemas: Schemas): object {
  const drop = (key: string, value: unknown) => (key === '$ref' && !(nameOf(value) in schemas) ? undefined : value);
  return JSON.parse(JSON.stringify(schema, drop)) as object;
}

/** Names of all schemas that one refers to, directly or not. */
function reachable(schema: object, schemas: Schemas, found = new Set<string>()): Set<string> {
  JSON.stringify(schema, (key, value: unknown) => {
    const name = key === '$ref' ? nameOf(value) : '';
    if (name in schemas && !found.has(name)) {
      found.add(name);
      reachable(schemas[name]!, schemas, found);
    }
    return value;
  });
  return found;
}

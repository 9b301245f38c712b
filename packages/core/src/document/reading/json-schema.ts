import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { defaultMetadataStorage } from './transform-storage.ts';
import './schema.ts';

/** The JSON Schema of a design document, made from its validator. */
export function designJsonSchema(): object {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/$defs/',
  }) as Record<string, object>;
  const { DesignDocumentSchema, ...others } = schemas;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    ...DesignDocumentSchema,
    $defs: Object.fromEntries(Object.entries(others).filter(([name]) => name.endsWith('Schema'))),
  };
}

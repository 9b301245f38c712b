// class-transformer keeps its storage to itself and ships no types for it; the JSON Schema writer needs it
// @ts-expect-error -- no declaration file
import { defaultMetadataStorage as storage } from 'class-transformer/cjs/storage.js';
import type { validationMetadatasToSchemas } from 'class-validator-jsonschema';

type Options = NonNullable<Parameters<typeof validationMetadatasToSchemas>[0]>;
export const defaultMetadataStorage = storage as Options['classTransformerMetadataStorage'];

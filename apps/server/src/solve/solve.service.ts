import { Injectable } from '@nestjs/common';
import { solveDesign, type DesignDocument, type Shelves, type Solution } from '@zindle/core';
import { readDocument, readShelves } from '@zindle/core/reading';
import { refused, type FieldMessage } from '../common/api-error.ts';
import { ShelvesService } from '../shelves/shelves.service.ts';
import type { SolveRequest } from './solve.request.ts';

const under = (path: string, fields: FieldMessage[]): FieldMessage[] =>
  fields.map((field) => ({ path: `${path}.${field.path}`, message: field.message }));

/** Solves a design that was sent, on the maker's shelves or on others. */
@Injectable()
export class SolveService {
  constructor(private readonly shelves: ShelvesService) {}

  /** @throws ApiError 422 what is wrong with the document or the shelves, by field */
  async solve({ document, shelves }: SolveRequest): Promise<{ document: DesignDocument; solution: Solution }> {
    const read = readDocument(document);
    if (!read.ok) throw refused(read.code, read.message, under('document', read.fields));
    return {
      document: read.document,
      solution: solveDesign(read.document, await this.#shelvesOf(read.document, shelves)),
    };
  }

  /** The maker's shelves, with what came along in their place. */
  async #shelvesOf(document: DesignDocument, given: Record<string, unknown> | undefined): Promise<Shelves> {
    const own = await this.shelves.shelvesFor(document);
    if (!given) return own;
    const read = readShelves(given);
    if (!read.ok) throw refused('shelves.invalid', read.message, under('shelves', read.fields));
    return { ...own, ...read.shelves };
  }
}

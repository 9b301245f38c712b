import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiPropertyOptional, ApiTags } from '@nestjs/swagger';
import { describeSolution, solveDesign, type DesignDocument, type Shelves } from '@zindle/core';
import { readDocument, readShelves, MayBeLeftOut } from '@zindle/core/reading';
import { IsObject } from 'class-validator';
import { refused, type FieldMessage } from '../common/api-error.ts';
import { ShelvesService } from '../shelves/shelves.service.ts';

export class SolveRequest {
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'A design document (docs/format)' })
  @IsObject({ message: 'document must be a design document' })
  document!: Record<string, unknown>;

  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    description: 'Items, materials, hardware and rules in place of those on the shelves',
  })
  @MayBeLeftOut()
  @IsObject({ message: 'shelves must hold items, materials, hardware or rules' })
  shelves?: Record<string, unknown>;
}

const under = (path: string, fields: FieldMessage[]): FieldMessage[] =>
  fields.map((field) => ({ path: `${path}.${field.path}`, message: field.message }));

@ApiTags('solve')
@Controller('solve')
export class SolveController {
  constructor(private readonly shelves: ShelvesService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({
    summary: 'Solves a design document: sizes, pieces, seams, steps and findings, each number with its reasons',
  })
  async solve(@Body() request: SolveRequest) {
    const read = readDocument(request.document);
    if (!read.ok) throw refused(read.code, read.message, under('document', read.fields));
    return describeSolution(
      solveDesign(read.document, await this.#shelvesOf(read.document, request.shelves)),
      read.document.unit,
    );
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

import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiPropertyOptional, ApiTags } from '@nestjs/swagger';
import { describeSolution, solveDesign, standardShelves, type Shelves } from '@zindle/core';
import { readDocument, readShelves } from '@zindle/core/reading';
import { IsObject, IsOptional } from 'class-validator';
import { refused, type FieldMessage } from '../common/api-error.ts';

export class SolveRequest {
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'A design document (docs/format)' })
  @IsObject({ message: 'document must be a design document' })
  document!: Record<string, unknown>;

  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    description: 'Items, materials, hardware and rules in place of the standard shelves',
  })
  @IsOptional()
  @IsObject({ message: 'shelves must hold items, materials, hardware or rules' })
  shelves?: Record<string, unknown>;
}

const under = (path: string, fields: FieldMessage[]): FieldMessage[] =>
  fields.map((field) => ({ path: `${path}.${field.path}`, message: field.message }));

@ApiTags('solve')
@Controller('solve')
export class SolveController {
  @Post()
  @HttpCode(200)
  @ApiOperation({
    summary: 'Solves a design document: sizes, pieces, seams, steps and findings, each number with its reasons',
  })
  solve(@Body() request: SolveRequest) {
    const read = readDocument(request.document);
    if (!read.ok) throw refused(read.code, read.message, under('document', read.fields));
    return describeSolution(solveDesign(read.document, shelvesOf(request.shelves)), read.document.unit);
  }
}

function shelvesOf(given: Record<string, unknown> | undefined): Shelves {
  if (!given) return standardShelves;
  const read = readShelves(given);
  if (!read.ok) throw refused('shelves.invalid', read.message, under('shelves', read.fields));
  return { ...standardShelves, ...read.shelves };
}

import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { MayBeLeftOut } from '@zindle/core/reading';
import { IsObject } from 'class-validator';

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

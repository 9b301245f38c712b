import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { MayBeLeftOut } from '@zindle/core/reading';
import { IsIn, IsInt, IsObject, IsString, Matches, Min } from 'class-validator';
import { gridIds, type GridId, type LengthUnit, type RuleSettings, type Usual } from '@zindle/core';

const entry = { type: 'object', additionalProperties: true, description: 'An entry of the shelf' } as const;

export class NewEntryRequest {
  @ApiProperty(entry)
  @IsObject({ message: 'entry must be an entry of the shelf' })
  entry!: Record<string, unknown>;
}

export class StoreEntryRequest extends NewEntryRequest {
  @ApiPropertyOptional({ description: 'The revision that was changed, unless If-Match says it' })
  @MayBeLeftOut()
  @IsInt()
  @Min(1)
  revision?: number;
}

export class HouseRequest {
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'House rules by id: lengths in mm, choices' })
  @IsObject({ message: 'rules must be settings by id' })
  rules!: RuleSettings;

  @ApiPropertyOptional({ description: 'Id of the machine that is sewn on' })
  @MayBeLeftOut()
  @IsString()
  @Matches(/^[\w-]{1,60}$/)
  machine?: string;

  @ApiPropertyOptional({ enum: ['mm', 'cm', 'in'], description: 'Unit of new designs' })
  @MayBeLeftOut()
  @IsIn(['mm', 'cm', 'in'])
  unit?: LengthUnit;

  @ApiPropertyOptional({ enum: gridIds, description: 'What sizes of new designs are rounded to' })
  @MayBeLeftOut()
  @IsIn(gridIds)
  grid?: GridId;

  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: true,
    description: 'What new parts begin with: choices by the name of their setting, by family such as bodies/sleeve',
  })
  @MayBeLeftOut()
  @IsObject({ message: 'usual must be choices by family' })
  usual?: Usual;
}

export class StoreHouseRequest extends HouseRequest {
  @ApiProperty({ description: 'The revision that was changed; 0 if none is stored yet' })
  @IsInt()
  @Min(0)
  revision!: number;
}

import { Controller, HttpCode, Param, Post, Query, Req, Res } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiPropertyOptional, ApiTags } from '@nestjs/swagger';
import { isShelf, shelfIds, type LengthUnit } from '@zindle/core';
import { Type } from 'class-transformer';
import { MayBeLeftOut } from '@zindle/core/reading';
import { IsIn, IsNumber, Max, Min } from 'class-validator';
import type { Request, Response } from 'express';
import { ApiError, notFound } from '../common/api-error.ts';
import { withProgress, type Tick } from '../common/progress.ts';
import { decodeText, type Decoded } from './decode-text.ts';
import { ImportsService, type Options } from './imports.service.ts';

export class ImportQuery {
  @ApiPropertyOptional({ description: 'Take it over; without it nothing is stored', enum: ['true', 'false'] })
  @MayBeLeftOut()
  @IsIn(['true', 'false'])
  apply?: 'true' | 'false';

  @ApiPropertyOptional({ description: 'Unit of lengths that do not say', enum: ['mm', 'cm', 'in'] })
  @MayBeLeftOut()
  @IsIn(['mm', 'cm', 'in'])
  unit?: LengthUnit;

  @ApiPropertyOptional({ description: 'Of a drawing: how many mm one of its units is' })
  @MayBeLeftOut()
  @Type(() => Number)
  @IsNumber()
  @Min(0.0001)
  @Max(10_000)
  scale?: number;
}

/** Kinds of files that can be read in. */
export const importKinds = [...shelfIds, 'rules', 'contents', 'outline'] as const;

@ApiTags('imports')
@Controller('imports')
export class ImportsController {
  constructor(private readonly imports: ImportsService) {}

  @Post(':kind')
  @HttpCode(200)
  @ApiConsumes('text/csv', 'image/svg+xml', 'image/vnd.dxf')
  @ApiOperation({ summary: 'What a file would bring; with ?apply=true it is taken over, all of it or nothing' })
  async read(
    @Param('kind') kind: string,
    @Query() query: ImportQuery,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const file = decodeText(bytesOf(request));
    const { apply, unit, scale } = query;
    const options = { apply: apply === 'true', ...(unit && { unit }), ...(scale !== undefined && { scale }) };
    if (options.apply && (kind === 'contents' || kind === 'outline'))
      throw new ApiError(422, 'import.notStored', 'Contents and outlines are added to a design, not to a shelf.');
    await withProgress(request, response, (tick) => this.#read(kind, file, options, tick));
  }

  async #read(kind: string, file: Decoded, options: Options, tick: Tick): Promise<unknown> {
    if (isShelf(kind)) return this.imports.shelf(kind, file, options, tick);
    if (kind === 'rules') return this.imports.rules(file, options);
    if (kind === 'contents') return this.imports.contents(file, options);
    if (kind === 'outline') return this.imports.outline(file, options);
    throw notFound('import.unknown', `There is nothing to read “${kind}” into. There are ${importKinds.join(', ')}.`);
  }
}

/** The body as it came; only types that are files get here as bytes. */
function bytesOf({ body }: Request): Buffer {
  if (Buffer.isBuffer(body)) return body;
  throw new ApiError(
    415,
    'request.mediaType',
    'Send the file itself, as text/csv, image/svg+xml, image/vnd.dxf or application/octet-stream.',
  );
}

import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import { ApiOperation, ApiPropertyOptional, ApiTags } from '@nestjs/swagger';
import { solveDesign } from '@zindle/core';
import {
  chartCsv,
  mayPrint,
  paperIds,
  patternPdf,
  patternSvg,
  type PaperId,
  type PatternSource,
} from '@zindle/core/files';
import { MayBeLeftOut } from '@zindle/core/reading';
import { IsIn } from 'class-validator';
import type { Response } from 'express';
import { ApiError } from '../common/api-error.ts';
import { file } from '../common/text-file.ts';
import { DesignsService, type StoredDesign } from '../designs/designs.service.ts';
import { ShelvesService } from '../shelves/shelves.service.ts';
import { pdfFonts } from './pdf-fonts.ts';

export class PdfQuery {
  @ApiPropertyOptional({ enum: paperIds, default: 'a4' })
  @MayBeLeftOut()
  @IsIn(paperIds)
  paper?: PaperId;
}

@ApiTags('files')
@Controller('designs/:id/files')
export class FilesController {
  constructor(
    private readonly designs: DesignsService,
    private readonly shelves: ShelvesService,
  ) {}

  @Get('pattern.pdf')
  @ApiOperation({ summary: 'The pattern at true scale, with a test square and the cutting chart' })
  async pdf(
    @Param('id') id: string,
    @Query() { paper = 'a4' }: PdfQuery,
    @Res({ passthrough: true }) response: Response,
  ) {
    const design = await this.designs.get(id);
    const source = printable(await this.#source(design));
    const date = new Date().toISOString().slice(0, 10);
    const version = `revision ${design.revision}`;
    const bytes = await patternPdf(source, { paper, fonts: pdfFonts(), date, version });
    return file(response, Buffer.from(bytes), 'application/pdf', `${id}-${paper}.pdf`);
  }

  @Get('pattern.svg')
  @ApiOperation({ summary: 'All pieces on one sheet, in mm' })
  async svg(@Param('id') id: string, @Res({ passthrough: true }) response: Response) {
    const text = patternSvg(printable(await this.#source(await this.designs.get(id))));
    return file(response, Buffer.from(text), 'image/svg+xml', `${id}.svg`);
  }

  @Get('chart.csv')
  @ApiOperation({ summary: 'The cutting chart' })
  async csv(@Param('id') id: string, @Res({ passthrough: true }) response: Response) {
    const text = chartCsv(await this.#source(await this.designs.get(id)));
    return file(response, Buffer.from(text), 'text/csv; charset=utf-8', `${id}-chart.csv`);
  }

  @Get('design.json')
  @ApiOperation({ summary: 'The design document; one that cannot be read comes as it is stored' })
  async json(@Param('id') id: string, @Res({ passthrough: true }) response: Response) {
    const text = await this.#json(id);
    return file(response, Buffer.from(text), 'application/json', `${id}.json`);
  }

  async #json(id: string): Promise<string> {
    try {
      return JSON.stringify((await this.designs.get(id)).document, null, 2) + '\n';
    } catch (error) {
      if (error instanceof ApiError && error.getStatus() === 422) return this.designs.textOf(id);
      throw error;
    }
  }

  async #source({ document }: StoredDesign): Promise<PatternSource> {
    const shelves = await this.shelves.shelvesFor(document);
    return { document, solution: solveDesign(document, shelves), shelves };
  }
}

function printable(source: PatternSource): PatternSource {
  if (!mayPrint(source))
    throw new ApiError(409, 'files.seamsDoNotWalk', 'A seam does not walk, so nothing is printed. See the findings.');
  return source;
}

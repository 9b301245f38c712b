import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Put,
  Query,
  Res,
} from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { describeSolution, solveDesign } from '@zindle/core';
import type { Response } from 'express';
import { revisionOf, tagOf } from '../common/revision.ts';
import {
  ChangeTicksRequest,
  DesignQuery,
  KeepVersionRequest,
  NewDesignRequest,
  StoreDesignRequest,
} from './design-requests.ts';
import { ShelvesService } from '../shelves/shelves.service.ts';
import { DesignsService, type StoredDesign } from './designs.service.ts';
import { TicksService } from './ticks.service.ts';
import { VersionsService } from './versions.service.ts';

@ApiTags('designs')
@Controller('designs')
export class DesignsController {
  constructor(
    private readonly designs: DesignsService,
    private readonly versions: VersionsService,
    private readonly ticks: TicksService,
    private readonly shelves: ShelvesService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The shelf: designs, newest first, a page at a time' })
  list(@Query() { search, page }: DesignQuery) {
    return this.designs.list(search, page);
  }

  @Post()
  @ApiOperation({ summary: 'Stores a new design' })
  async create(@Body() { document }: NewDesignRequest, @Res({ passthrough: true }) response: Response) {
    return answer(await this.designs.create(document), response);
  }

  @Get(':id')
  @ApiOperation({ summary: 'A design with its revision, which is its ETag too' })
  async get(@Param('id') id: string, @Res({ passthrough: true }) response: Response) {
    return answer(await this.designs.get(id), response);
  }

  @Put(':id')
  @ApiHeader({ name: 'If-Match', required: false, description: 'ETag of the revision that was changed' })
  @ApiOperation({ summary: 'Stores a changed design; 428 without a revision, 409 if it was changed meanwhile' })
  async store(
    @Param('id') id: string,
    @Body() { document, revision }: StoreDesignRequest,
    @Headers('if-match') ifMatch: string | undefined,
    @Res({ passthrough: true }) response: Response,
  ) {
    return answer(await this.designs.store(id, document, revisionOf(ifMatch, revision)), response);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Puts a design into the bin' })
  remove(@Param('id') id: string) {
    return this.designs.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes a design out of the bin' })
  restore(@Param('id') id: string) {
    return this.designs.restore(id);
  }

  @Get(':id/versions')
  @ApiOperation({ summary: 'States of a design that were kept, the last one first' })
  listVersions(@Param('id') id: string) {
    return this.versions.list(id);
  }

  @Post(':id/versions')
  @ApiOperation({ summary: 'Keeps the stored state of a design under a name' })
  keepVersion(@Param('id') id: string, @Body() { name }: KeepVersionRequest) {
    return this.versions.keep(id, name.trim());
  }

  @Get(':id/versions/:number')
  @ApiOperation({ summary: 'A kept state with its document' })
  version(@Param('id') id: string, @Param('number', ParseIntPipe) number: number) {
    return this.versions.get(id, number);
  }

  @Get(':id/solution')
  @ApiOperation({ summary: 'The whole solution of a stored design, every number with its reasons' })
  async solution(@Param('id') id: string) {
    const { document } = await this.designs.get(id);
    return describeSolution(solveDesign(document, await this.shelves.shelvesFor(document)), document.unit);
  }

  @Get(':id/ticks')
  @ApiOperation({ summary: 'What is done of the order of work, also what the design says otherwise now' })
  listTicks(@Param('id') id: string) {
    return this.ticks.list(id);
  }

  @Post(':id/ticks')
  @HttpCode(200)
  @ApiOperation({ summary: 'Ticks actions off, or takes ticks back; the design keeps its revision' })
  changeTicks(@Param('id') id: string, @Body() { done = [], undone = [] }: ChangeTicksRequest) {
    return this.ticks.change(id, { done, undone });
  }

  @Get(':id/steps')
  @ApiOperation({ summary: 'The order of work of a stored design: operations, and what is done in each' })
  async steps(@Param('id') id: string) {
    const { operations } = await this.solution(id);
    return { operations };
  }
}

function answer(design: StoredDesign, response: Response): StoredDesign {
  response.setHeader('ETag', tagOf(design.revision));
  return design;
}

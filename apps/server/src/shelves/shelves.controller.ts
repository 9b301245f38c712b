import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put, Req, Res } from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { isShelf, shelfIds, shelfSpec, usedBy, type ShelfEntry, type ShelfId, type Shelves } from '@zindle/core';
import { shelfCsv } from '@zindle/core/imports';
import { entryProblems } from '@zindle/core/reading';
import type { Request, Response } from 'express';
import { notFound, refused } from '../common/api-error.ts';
import { withProgress } from '../common/progress.ts';
import { revisionOf, tagOf } from '../common/revision.ts';
import { csvFile } from '../common/text-file.ts';
import { ChangesService } from './changes.service.ts';
import { NewEntryRequest, StoreEntryRequest } from './shelf-requests.ts';
import { ShelvesService, type StoredEntry } from './shelves.service.ts';

function shelfOf(id: string): ShelfId {
  if (isShelf(id)) return id;
  throw notFound('shelf.none', `There is no shelf “${id}”. There are ${[...shelfIds, 'rules'].join(', ')}.`);
}

function answer(entry: StoredEntry, response: Response): StoredEntry {
  response.setHeader('ETag', tagOf(entry.revision));
  return entry;
}

@ApiTags('shelves')
@Controller('shelves')
export class ShelvesController {
  constructor(
    private readonly shelves: ShelvesService,
    private readonly changes: ChangesService,
  ) {}

  @Get(':shelf')
  @ApiOperation({ summary: 'A shelf: the standard entries and the maker’s own, those in her bin too' })
  async list(@Param('shelf') id: string) {
    const shelf = shelfOf(id);
    return { shelf, standard: shelfSpec(shelf).standard, own: await this.shelves.all(shelf) };
  }

  @Post(':shelf')
  @ApiOperation({ summary: 'Puts an entry of her own on a shelf; without an id it gets one from its name' })
  async create(
    @Param('shelf') id: string,
    @Body() { entry }: NewEntryRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    return answer(await this.shelves.create(shelfOf(id), entry), response);
  }

  @Get(':shelf/file.csv')
  @ApiOperation({ summary: 'Her own entries as CSV' })
  async csv(@Param('shelf') id: string, @Res({ passthrough: true }) response: Response) {
    const shelf = shelfOf(id);
    return csvFile(response, shelfCsv(shelf, await this.shelves.own(shelf)), `${shelf}.csv`);
  }

  @Delete(':shelf/bin')
  @HttpCode(200)
  @ApiOperation({ summary: 'Empties the bin; what a design still uses stays in it' })
  async emptyBin(@Param('shelf') id: string) {
    const shelf = shelfOf(id);
    const kept: { id: string; name: string; designs: string[] }[] = [];
    const gone: string[] = [];
    for (const { entry, deletedAt } of await this.shelves.all(shelf)) {
      if (deletedAt === null) continue;
      const users = await this.changes.usersOf(shelf, entry.id);
      if (users.length === 0) gone.push(entry.id);
      else kept.push({ id: entry.id, name: entry.name, designs: users.map(({ name }) => name) });
    }
    await this.shelves.destroy(shelf, gone);
    return { removed: gone.length, kept };
  }

  @Put(':shelf/:id')
  @ApiHeader({ name: 'If-Match', required: false, description: 'ETag of the revision that was changed' })
  @ApiOperation({ summary: 'Stores a changed entry of her own; 409 for a standard one' })
  async store(
    @Param('shelf') shelf: string,
    @Param('id') id: string,
    @Body() { entry, revision }: StoreEntryRequest,
    @Headers('if-match') ifMatch: string | undefined,
    @Res({ passthrough: true }) response: Response,
  ) {
    return answer(await this.shelves.store(shelfOf(shelf), id, entry, revisionOf(ifMatch, revision)), response);
  }

  @Delete(':shelf/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Puts an entry into the bin; designs that use it keep it' })
  remove(@Param('shelf') shelf: string, @Param('id') id: string) {
    return this.shelves.remove(shelfOf(shelf), id);
  }

  @Post(':shelf/:id/restore')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes an entry out of the bin' })
  restore(@Param('shelf') shelf: string, @Param('id') id: string) {
    return this.shelves.restore(shelfOf(shelf), id);
  }

  @Get(':shelf/:id/used')
  @ApiOperation({ summary: 'The designs that use an entry' })
  async used(@Param('shelf') shelf: string, @Param('id') id: string) {
    return { designs: await this.changes.usersOf(shelfOf(shelf), id) };
  }

  @Post(':shelf/:id/preview')
  @HttpCode(200)
  @ApiOperation({ summary: 'Which stored designs would come out otherwise with this entry; nothing is stored' })
  async preview(
    @Param('shelf') shelf: string,
    @Param('id') id: string,
    @Body() { entry }: NewEntryRequest,
    @Req() asked: Request,
    @Res() response: Response,
  ) {
    const on = shelfOf(shelf);
    const before = await this.shelves.shelves();
    const after = replaced(before, on, id, entry);
    await withProgress(asked, response, (tick) =>
      this.changes.whatChanges(before, after, tick, (document) => usedBy(document, on).has(id)),
    );
  }
}

/** The shelves with one entry as it would be. */
function replaced(shelves: Shelves, shelf: ShelfId, id: string, entry: Record<string, unknown>): Shelves {
  const problems = problemsOf(shelf, { ...entry, id });
  if (problems) throw problems;
  const entries: readonly ShelfEntry[] = shelves[shelf];
  return { ...shelves, [shelf]: entries.map((each) => (each.id === id ? { ...entry, id } : each)) };
}

const problemsOf = (shelf: ShelfId, entry: Record<string, unknown>) => {
  const fields = entryProblems(shelf, entry);
  return fields.length > 0 ? refused('shelf.invalid', `${fields[0]!.message}.`, fields) : undefined;
};

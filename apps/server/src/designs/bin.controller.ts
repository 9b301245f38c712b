import { Controller, Delete, Get, HttpCode, Param, Query } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { PageQuery } from './design-requests.ts';
import { DesignsService } from './designs.service.ts';

@ApiTags('designs')
@Controller('bin')
export class BinController {
  constructor(private readonly designs: DesignsService) {}

  @Get()
  @ApiOperation({ summary: 'The bin: designs that were thrown away, the last one first, a page at a time' })
  list(@Query() { page }: PageQuery) {
    return this.designs.bin(page);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes a design out of the bin for good, with its versions' })
  destroy(@Param('id') id: string) {
    return this.designs.destroy(id);
  }
}

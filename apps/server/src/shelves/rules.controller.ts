import { Body, Controller, Get, HttpCode, Post, Put, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { builtInKinds, houseRulesOf } from '@zindle/core';
import { rulesCsv } from '@zindle/core/imports';
import type { Request, Response } from 'express';
import { withProgress } from '../common/progress.ts';
import { csvFile } from '../common/text-file.ts';
import { ChangesService } from './changes.service.ts';
import { HouseRequest, StoreHouseRequest } from './shelf-requests.ts';
import { ShelvesService, type House } from './shelves.service.ts';

const houseOf = ({ rules, machine, unit, grid, usual }: HouseRequest): House => ({
  rules,
  ...(machine !== undefined && { machine }),
  ...(unit !== undefined && { unit }),
  ...(grid !== undefined && { grid }),
  ...(usual !== undefined && { usual }),
});

@ApiTags('shelves')
@Controller('shelves/rules')
export class RulesController {
  constructor(
    private readonly shelves: ShelvesService,
    private readonly changes: ChangesService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'What the maker has set for all her designs: house rules, and her machine' })
  get() {
    return this.shelves.house();
  }

  @Put()
  @ApiOperation({ summary: 'Stores house rules and machine; 409 if they were changed meanwhile' })
  store(@Body() request: StoreHouseRequest) {
    return this.shelves.storeHouse(houseOf(request), request.revision);
  }

  @Post('preview')
  @HttpCode(200)
  @ApiOperation({ summary: 'Which stored designs would come out otherwise with these rules; nothing is stored' })
  async preview(@Body() request: HouseRequest, @Req() asked: Request, @Res() response: Response) {
    await this.shelves.checkHouse(houseOf(request));
    const before = await this.shelves.shelves();
    const after = { ...before, rules: request.rules };
    await withProgress(asked, response, (tick) => this.changes.whatChanges(before, after, tick));
  }

  @Get('file.csv')
  @ApiOperation({ summary: 'All house rules as CSV' })
  async csv(@Res({ passthrough: true }) response: Response) {
    return csvFile(
      response,
      rulesCsv((await this.shelves.house()).rules, houseRulesOf(builtInKinds)),
      'house-rules.csv',
    );
  }
}

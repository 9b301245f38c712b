import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { describeSolution } from '@zindle/core';
import { SolveRequest } from './solve.request.ts';
import { SolveService } from './solve.service.ts';

@ApiTags('solve')
@Controller('solve')
export class SolveController {
  constructor(private readonly solving: SolveService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({
    summary: 'Solves a design document: sizes, pieces, seams, steps and findings, each number with its reasons',
  })
  async solve(@Body() request: SolveRequest) {
    const { document, solution } = await this.solving.solve(request);
    return describeSolution(solution, document.unit);
  }
}

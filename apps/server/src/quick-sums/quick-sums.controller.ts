import { Body, Controller, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { quickSums, runQuickSum } from '@zindle/core';
import { IsObject } from 'class-validator';
import { notFound, refused } from '../common/api-error.ts';

export class QuickSumRequest {
  @ApiProperty({ type: 'object', additionalProperties: true, description: 'Inputs by name, lengths in mm' })
  @IsObject({ message: 'inputs must be given by name' })
  inputs!: Record<string, unknown>;
}

@ApiTags('quick sums')
@Controller('quick-sums')
export class QuickSumsController {
  @Get()
  @ApiOperation({ summary: 'Every rule that can be asked for by itself: inputs with unit, range and default, results' })
  list() {
    return Object.entries(quickSums).map(([id, { title, inputs, results }]) => ({ id, title, inputs, results }));
  }

  @Post(':id')
  @HttpCode(200)
  @ApiOperation({ summary: 'One sum, with the rows that explain it' })
  run(@Param('id') id: string, @Body() { inputs }: QuickSumRequest) {
    const sum = Object.hasOwn(quickSums, id) ? quickSums[id] : undefined;
    if (!sum)
      throw notFound('sum.unknown', `There is no quick sum “${id}”. There are ${Object.keys(quickSums).join(', ')}.`);
    const answer = runQuickSum(sum, inputs);
    if (!answer.ok) throw refused('sum.inputs', answer.fields[0]!.message, answer.fields);
    return { results: answer.results, why: answer.why };
  }
}

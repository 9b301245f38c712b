import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import { closes, verdictIds, verdictsOf, type Verdict, type VerdictId } from '@zindle/core';
import { SolveRequest } from './solve.request.ts';
import { SolveService } from './solve.service.ts';

class VerdictResponse implements Verdict {
  @ApiProperty() holder!: string;
  @ApiProperty({ description: 'Room of the holder that the thing lies in' }) room!: string;
  @ApiProperty({ description: 'Line of contents' }) line!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ enum: ['across', 'thick', 'deep', 'through'] }) direction!: Verdict['direction'];
  @ApiProperty({ enum: verdictIds }) verdict!: VerdictId;
  @ApiProperty({ description: 'mm' }) needs!: number;
  @ApiProperty({ description: 'mm, from the cut' }) has!: number;
  @ApiProperty({ description: 'mm; less than nothing if it does not go in' }) left!: number;
  @ApiProperty({ description: 'mm asked for by the rules' }) ease!: number;
}

class FitResponse {
  @ApiProperty({ description: 'Every thing goes in wherever it lies' }) goesIn!: boolean;
  @ApiProperty({ description: 'Its fasteners meet and may be set, and nothing that it holds keeps it open' })
  closes!: boolean;
  @ApiProperty({ type: [VerdictResponse] }) verdicts!: VerdictResponse[];
}

/** Whether everything goes in, read from the cut pieces. */
@ApiTags('solve')
@Controller('fit')
export class FitController {
  constructor(private readonly solving: SolveService) {}

  @Post()
  @HttpCode(200)
  @ApiOperation({ summary: 'Fits a design document: what each thing needs, has and is left, in each direction' })
  @ApiOkResponse({ type: FitResponse })
  async fit(@Body() request: SolveRequest): Promise<FitResponse> {
    const { solution } = await this.solving.solve(request);
    const verdicts = verdictsOf(solution.holders.flatMap(({ clearances }) => clearances));
    const held = !solution.findings.some(({ code }) => code === 'room.notClosed' || code === 'contents.notHeld');
    return {
      goesIn: held && verdicts.every(({ verdict }) => verdict !== 'doesNotGoIn'),
      closes: closes(solution.findings),
      verdicts,
    };
  }
}

import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProperty, ApiTags } from '@nestjs/swagger';
import {
  closes,
  openVerdicts,
  outIds,
  stayIds,
  verdictIds,
  verdictsOf,
  type ComesOut,
  type OpenVerdict,
  type Stays,
  type Verdict,
  type VerdictId,
} from '@zindle/core';
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

class OpenVerdictResponse implements OpenVerdict {
  @ApiProperty() holder!: string;
  @ApiProperty({ description: 'Room of the holder that the thing lies in' }) room!: string;
  @ApiProperty({ description: 'Line of contents' }) line!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ description: 'mm above the mouth; less than nothing if it lies below' }) shows!: number;
  @ApiProperty({ enum: outIds, description: 'What there is to take it out by' }) comesOut!: ComesOut;
  @ApiProperty({ enum: stayIds, required: false, description: 'Turned over, of a mouth that is meant to hold it' })
  staysIn?: Stays;
}

class FitResponse {
  @ApiProperty({ description: 'Every thing goes in wherever it lies' }) goesIn!: boolean;
  @ApiProperty({ description: 'Its fasteners meet and may be set, and nothing that it holds keeps it open' })
  closes!: boolean;
  @ApiProperty({ type: [VerdictResponse] }) verdicts!: VerdictResponse[];
  @ApiProperty({ type: [OpenVerdictResponse], description: 'Of each thing in a mouth that nothing closes over' })
  open!: OpenVerdictResponse[];
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
    const clearances = solution.holders.flatMap((each) => each.clearances);
    const verdicts = verdictsOf(clearances);
    const held = !solution.findings.some(({ code }) => code === 'room.notClosed' || code === 'contents.notHeld');
    return {
      goesIn: held && verdicts.every(({ verdict }) => verdict !== 'doesNotGoIn'),
      closes: closes(solution.findings),
      verdicts,
      open: openVerdicts(clearances),
    };
  }
}

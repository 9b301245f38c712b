import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { DesignsService } from '../designs/designs.service.ts';
import { version } from '../version.ts';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly designs: DesignsService) {}

  @Get()
  @ApiOperation({ summary: 'Whether it works, which version it is, and how many designs are on the shelf' })
  async health() {
    return { status: 'ok', version, designs: await this.designs.count() };
  }
}

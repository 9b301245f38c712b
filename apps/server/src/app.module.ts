import { Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DesignEntity } from './database/design.entity.ts';
import { databaseOptions } from './database/options.ts';
import { DesignsController } from './designs/designs.controller.ts';
import { DesignsService } from './designs/designs.service.ts';
import { FilesController } from './files/files.controller.ts';
import { HealthController } from './health/health.controller.ts';
import { QuickSumsController } from './quick-sums/quick-sums.controller.ts';
import { SolveController } from './solve/solve.controller.ts';

@Module({})
export class AppModule {
  /** @param databaseFile path of the SQLite file */
  static with(databaseFile: string): DynamicModule {
    return {
      module: AppModule,
      imports: [TypeOrmModule.forRoot(databaseOptions(databaseFile)), TypeOrmModule.forFeature([DesignEntity])],
      controllers: [HealthController, FilesController, DesignsController, SolveController, QuickSumsController],
      providers: [DesignsService],
    };
  }
}

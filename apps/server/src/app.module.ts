import { Module, type DynamicModule } from '@nestjs/common';
import { DatabaseModule } from './database/database.module.ts';
import { BinController } from './designs/bin.controller.ts';
import { DesignsController } from './designs/designs.controller.ts';
import { DesignsService } from './designs/designs.service.ts';
import { TicksService } from './designs/ticks.service.ts';
import { VersionsService } from './designs/versions.service.ts';
import { FilesController } from './files/files.controller.ts';
import { HealthController } from './health/health.controller.ts';
import { ImportsController } from './imports/imports.controller.ts';
import { ImportsService } from './imports/imports.service.ts';
import { QuickSumsController } from './quick-sums/quick-sums.controller.ts';
import { ChangesService } from './shelves/changes.service.ts';
import { RulesController } from './shelves/rules.controller.ts';
import { ShelvesController } from './shelves/shelves.controller.ts';
import { ShelvesService } from './shelves/shelves.service.ts';
import { FitController } from './solve/fit.controller.ts';
import { SolveController } from './solve/solve.controller.ts';
import { SolveService } from './solve/solve.service.ts';

@Module({})
export class AppModule {
  /** @param databaseFile path of the SQLite file */
  static with(databaseFile: string): DynamicModule {
    return {
      module: AppModule,
      imports: [DatabaseModule.with(databaseFile)],
      controllers: [
        HealthController,
        FilesController,
        DesignsController,
        BinController,
        SolveController,
        FitController,
        QuickSumsController,
        RulesController,
        ShelvesController,
        ImportsController,
      ],
      providers: [
        DesignsService,
        VersionsService,
        TicksService,
        ShelvesService,
        ChangesService,
        ImportsService,
        SolveService,
      ],
    };
  }
}

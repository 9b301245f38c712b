import type { DataSourceOptions } from 'typeorm';
import { DesignEntity } from './design.entity.ts';
import { CreateDesigns1764028800000 } from './migrations/1764028800000-create-designs.ts';

/** The only place that knows which database it is.
 * @param file path of the SQLite file */
export const databaseOptions = (file: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database: file,
  entities: [DesignEntity],
  migrations: [CreateDesigns1764028800000],
  migrationsRun: true,
  synchronize: false,
  enableWAL: true,
});

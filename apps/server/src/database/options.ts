import type { DataSourceOptions } from 'typeorm';
import { DesignVersionEntity } from './design-version.entity.ts';
import { DesignEntity } from './design.entity.ts';
import { CreateDesigns1764028800000 } from './migrations/1764028800000-create-designs.ts';
import { CreateShelves1795737600000 } from './migrations/1795737600000-create-shelves.ts';
import { CreateVersions1795910400000 } from './migrations/1795910400000-create-versions.ts';
import { SettingEntity } from './setting.entity.ts';
import { ShelfEntryEntity } from './shelf-entry.entity.ts';

export const entities = [DesignEntity, DesignVersionEntity, ShelfEntryEntity, SettingEntity];

/** The only place that knows which database it is.
 * @param file path of the SQLite file */
export const databaseOptions = (file: string): DataSourceOptions => ({
  type: 'better-sqlite3',
  database: file,
  entities,
  migrations: [CreateDesigns1764028800000, CreateShelves1795737600000, CreateVersions1795910400000],
  migrationsRun: true,
  synchronize: false,
  enableWAL: true,
});

import type { DataSourceOptions } from 'typeorm';
import { DesignVersionEntity } from './design-version.entity.ts';
import { DesignTickEntity } from './design-tick.entity.ts';
import { DesignEntity } from './design.entity.ts';
import { CreateDesigns1764028800000 } from './migrations/1764028800000-create-designs.ts';
import { CreateShelves1795737600000 } from './migrations/1795737600000-create-shelves.ts';
import { CreateVersions1795910400000 } from './migrations/1795910400000-create-versions.ts';
import { CreateTicks1796083200000 } from './migrations/1796083200000-create-ticks.ts';
import { SettingEntity } from './setting.entity.ts';
import { ShelfEntryEntity } from './shelf-entry.entity.ts';

export const entities = [DesignEntity, DesignVersionEntity, DesignTickEntity, ShelfEntryEntity, SettingEntity];

/** The part of the driver's connection that is used here. */
interface Connection {
  pragma(text: string): unknown;
}

const common = (file: string) => ({ type: 'better-sqlite3', database: file, entities, synchronize: false }) as const;

/** How the one writer opens the database: the only place that changes its schema.
 * @param file path of the SQLite file */
export const writerOptions = (file: string): DataSourceOptions => ({
  ...common(file),
  migrations: [
    CreateDesigns1764028800000,
    CreateShelves1795737600000,
    CreateVersions1795910400000,
    CreateTicks1796083200000,
  ],
  migrationsRun: true,
  enableWAL: true,
  // acknowledged is on disk, also if the power fails the moment after
  prepareDatabase: (connection: Connection) => void connection.pragma('synchronous = FULL'),
});

/** How everybody else opens it; the database itself refuses a write that does not go through the writer.
 * @param file path of the SQLite file, which the writer has opened before */
export const readerOptions = (file: string): DataSourceOptions => ({
  ...common(file),
  prepareDatabase: (connection: Connection) => void connection.pragma('query_only = ON'),
});

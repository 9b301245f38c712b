import { Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { entities, readerOptions } from './options.ts';
import { Writer } from './writer.ts';

@Module({})
class WriterModule {
  static with(file: string): DynamicModule {
    return {
      module: WriterModule,
      providers: [{ provide: Writer, useFactory: () => Writer.open(file) }],
      exports: [Writer],
    };
  }
}

/** The database: repositories to read from, and the one writer. */
@Module({})
export class DatabaseModule {
  /** @param file path of the SQLite file */
  static with(file: string): DynamicModule {
    const writer = WriterModule.with(file);
    const reader = TypeOrmModule.forRootAsync({
      imports: [writer],
      // asked for, so that the file and its tables are there first
      inject: [Writer],
      useFactory: () => readerOptions(file),
    });
    const repositories = TypeOrmModule.forFeature(entities);
    return { module: DatabaseModule, imports: [writer, reader, repositories], exports: [writer, repositories] };
  }
}

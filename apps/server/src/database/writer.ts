import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { writerOptions } from './options.ts';

/** The one way to change anything that is stored.
 *
 * It has a connection of its own, and one piece of work follows the other, each in a transaction: what is read inside still
 * holds when it is written, other requests see all of it or nothing, and no request's failure takes another's work along. Work
 * should be short: whatever can be prepared (parsing, checking, planning) is prepared before. */
@Injectable()
export class Writer implements OnApplicationShutdown {
  readonly #database: DataSource;
  #last: Promise<unknown> = Promise.resolve();

  private constructor(database: DataSource) {
    this.#database = database;
  }

  /** Opens the database file for writing, makes it if it is not there, and brings its schema up to date. */
  static async open(file: string): Promise<Writer> {
    const database = new DataSource(writerOptions(file));
    await database.initialize();
    return new Writer(database);
  }

  /** Carries out one piece of work, after those that were asked for before; all of it, or nothing if it throws.
   * @param work waits for nothing but the database
   * @returns what the work returns, once it is on disk */
  write<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const result = this.#last.then(() => this.#database.transaction(work));
    this.#last = result.catch(() => undefined);
    return result;
  }

  async onApplicationShutdown(): Promise<void> {
    await this.#last;
    await this.#database.destroy();
  }
}

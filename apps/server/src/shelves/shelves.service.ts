import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import {
  idFrom,
  builtInKinds,
  houseRulesOf,
  readRules,
  shelfIds,
  shelfLimits,
  shelfSpec,
  usedBy,
  usualProblem,
  withOwn,
  type DesignDocument,
  type EntryTypes,
  type GridId,
  type LengthUnit,
  type RuleSettings,
  type ShelfEntry,
  type ShelfId,
  type Shelves,
  type Usual,
} from '@zindle/core';
import { entryProblems } from '@zindle/core/reading';
import { In, IsNull, Not, type EntityManager, type Repository } from 'typeorm';
import { ApiError, notFound, refused } from '../common/api-error.ts';
import { SettingEntity } from '../database/setting.entity.ts';
import { ShelfEntryEntity } from '../database/shelf-entry.entity.ts';
import { putRows } from '../database/put-rows.ts';
import { Writer } from '../database/writer.ts';

/** An entry of the maker's own as it is stored. */
export interface StoredEntry {
  entry: ShelfEntry;
  revision: number;
  updatedAt: string;
  /** Set while it lies in the bin. */
  deletedAt: string | null;
}

/** What the maker has set for all her designs. */
export interface House {
  rules: RuleSettings;
  /** Id of the machine that she sews on. */
  machine?: string;
  /** What new designs begin with. */
  unit?: LengthUnit;
  grid?: GridId;
  /** What she usually chooses, by family such as `bodies/sleeve`. */
  usual?: Usual;
}
export type StoredHouse = House & { revision: number };

const HOUSE = 'house';

/** The maker's own entries and rules; standard ones come with the program and are never stored. */
@Injectable()
export class ShelvesService {
  constructor(
    @InjectRepository(ShelfEntryEntity) private readonly rows: Repository<ShelfEntryEntity>,
    @InjectRepository(SettingEntity) private readonly settings: Repository<SettingEntity>,
    private readonly writer: Writer,
  ) {}

  /** Her own entries, those in the bin too. */
  async all(shelf: ShelfId): Promise<StoredEntry[]> {
    // as plain rows: making entities of thousands of them keeps everybody waiting
    const rows = await this.rows
      .createQueryBuilder('row')
      .select(['row.entry AS entry', 'row.revision AS revision'])
      .addSelect(['row.updatedAt AS "updatedAt"', 'row.deletedAt AS "deletedAt"'])
      .where({ shelf })
      .orderBy({ 'row.name': 'ASC', 'row.id': 'ASC' })
      .getRawMany<Pick<ShelfEntryEntity, 'entry' | 'revision' | 'updatedAt' | 'deletedAt'>>();
    return rows.map(stored);
  }

  /** Her own entries on the shelf. */
  async own<Id extends ShelfId>(shelf: Id): Promise<EntryTypes[Id][]> {
    const entries = (await this.all(shelf)).filter(({ deletedAt }) => deletedAt === null);
    return entries.map(({ entry }) => entry as unknown as EntryTypes[Id]);
  }

  async create(shelf: ShelfId, json: Record<string, unknown>): Promise<StoredEntry> {
    const said = typeof json.id === 'string' ? json.id : undefined;
    if (said !== undefined && isStandard(shelf, said)) throw standardRefused(shelf, said);
    // checked under a stand-in before the writer is asked for; the real id is made where it is taken
    checked(shelf, { ...json, id: said ?? 'my-entry' });
    return this.#write(async (rows) => {
      const id = said ?? (await freeId(rows, shelf, String(json.name)));
      if (await rows.existsBy({ shelf, id }))
        throw new ApiError(409, 'shelf.exists', `There is an entry with the id ${id} already.`);
      if ((await rows.countBy({ shelf })) >= shelfLimits.shelf) throw full();
      const row = newRow(shelf, { ...json, id } as unknown as ShelfEntry);
      await rows.insert(row);
      return stored(row);
    });
  }

  /** Writes an entry if it still has the revision that was changed. */
  async store(shelf: ShelfId, id: string, json: Record<string, unknown>, revision: number): Promise<StoredEntry> {
    if (isStandard(shelf, id)) throw standardRefused(shelf, id);
    const entry = checked(shelf, { ...json, id });
    const change = changeOf(entry, revision);
    return this.#write(async (rows) => {
      const row = await rows.findOneBy({ shelf, id, deletedAt: IsNull() });
      if (!row) throw unknown(shelf, id);
      const { affected } = await rows.update({ shelf, id, revision, deletedAt: IsNull() }, change);
      if (affected !== 1)
        throw new ApiError(409, 'shelf.stale', `“${row.name}” was changed elsewhere meanwhile. Look at it again.`);
      return stored({ ...row, ...change });
    });
  }

  /** Puts an entry into the bin; designs that use it keep it. */
  async remove(shelf: ShelfId, id: string): Promise<void> {
    if (isStandard(shelf, id)) throw standardRefused(shelf, id);
    const change = { deletedAt: new Date().toISOString() };
    const { affected } = await this.#write((rows) => rows.update({ shelf, id, deletedAt: IsNull() }, change));
    if (affected !== 1) throw unknown(shelf, id);
  }

  async restore(shelf: ShelfId, id: string): Promise<void> {
    const inBin = { shelf, id, deletedAt: Not(IsNull()) };
    const { affected } = await this.#write((rows) => rows.update(inBin, { deletedAt: null }));
    if (affected !== 1) throw notFound('shelf.notInBin', `There is no ${id} in the bin of this shelf.`);
  }

  /** Takes entries out of the bin for good. */
  async destroy(shelf: ShelfId, ids: readonly string[]): Promise<void> {
    if (ids.length > 0) await this.#write((rows) => rows.delete({ shelf, id: In([...ids]), deletedAt: Not(IsNull()) }));
  }

  /** Stores new and changed entries that were found sound, all of them or none.
   * @param planned the shelf as it stood when they were planned
   * @throws ApiError `shelf.changed` where one of them was changed since; nothing is stored then */
  async storeAll(shelf: ShelfId, entries: readonly ShelfEntry[], planned: readonly StoredEntry[]): Promise<void> {
    const before = new Map(planned.map(({ entry, revision }) => [entry.id, revision]));
    const rows = entries.map((entry) => newRow(shelf, entry, before.get(entry.id)));
    if (rows.length === 0) return;
    // who asked while the rows were made goes first
    await new Promise((resolve) => setImmediate(resolve));
    await this.writer.write(async (manager) => {
      const now = await revisionsOf(manager, shelf);
      if (entries.some(({ id }) => now.get(id) !== before.get(id)))
        throw new ApiError(409, 'shelf.changed', 'The shelf was changed elsewhere meanwhile. Nothing was taken over.');
      const fresh = entries.filter(({ id }) => !now.has(id)).length;
      if (now.size + fresh > shelfLimits.shelf) throw full();
      await putRows(manager, ShelfEntryEntity, rows, {
        key: ['shelf', 'id'],
        change: ['name', 'entry', 'revision', 'updatedAt', 'deletedAt'],
      });
    });
  }

  /** Adds entries that the database has never seen. */
  async seed(shelf: ShelfId, entries: readonly ShelfEntry[]): Promise<void> {
    for (const entry of entries)
      if (!(await this.rows.existsBy({ shelf, id: entry.id }))) await this.create(shelf, { ...entry });
  }

  async house(): Promise<StoredHouse> {
    const row = await this.settings.findOneBy({ id: HOUSE });
    return row ? { ...(JSON.parse(row.value) as House), revision: row.revision } : { rules: {}, revision: 0 };
  }

  /** Writes rules and machine if they still have the revision that was changed; 0 for none stored yet. */
  async storeHouse(house: House, revision: number): Promise<StoredHouse> {
    await this.checkHouse(house);
    const row = {
      id: HOUSE,
      value: JSON.stringify(house),
      revision: revision + 1,
      updatedAt: new Date().toISOString(),
    };
    const written = await this.writer.write((manager) => putSetting(manager, row, revision));
    if (!written) throw new ApiError(409, 'rules.stale', 'The house rules were changed elsewhere meanwhile.');
    return { ...house, revision: row.revision };
  }

  async checkHouse({ rules, machine, usual = {} }: House): Promise<void> {
    const read = readRules(rules, houseRulesOf(builtInKinds));
    if (!read.ok) {
      const fields = read.fields.map(({ path, message }) => ({ path: `rules.${path}`, message }));
      throw refused('rules.invalid', `${fields[0]!.path}: ${fields[0]!.message}.`, fields);
    }
    const wrong = usualProblem(usual, builtInKinds);
    if (wrong) {
      const field = { path: `usual.${wrong.path}`, message: wrong.message };
      throw refused('rules.usual', `${field.path} ${field.message}.`, [field]);
    }
    if (machine === undefined || isStandard('machines', machine)) return;
    if (!(await this.rows.existsBy({ shelf: 'machines', id: machine })))
      throw refused('rules.machine', `There is no machine “${machine}” on the shelf.`);
  }

  /** All shelves as the maker has them; what lies in the bin is still known to the designs that use it. */
  async shelves(): Promise<Shelves> {
    const [rows, { rules }] = await Promise.all([this.rows.find({ order: { name: 'ASC' } }), this.house()]);
    return ownShelves(rows, rules);
  }

  /** The shelves with what a design uses of the maker's own. */
  async shelvesFor(document: DesignDocument): Promise<Shelves> {
    const used = shelfIds.flatMap((shelf) => {
      const ids = [...usedBy(document, shelf)].filter((id) => !isStandard(shelf, id));
      return ids.length > 0 ? [{ shelf, id: In(ids) }] : [];
    });
    const [rows, { rules }] = await Promise.all([used.length > 0 ? this.rows.find({ where: used }) : [], this.house()]);
    return ownShelves(rows, rules);
  }

  #write<T>(work: (rows: Repository<ShelfEntryEntity>) => Promise<T>): Promise<T> {
    return this.writer.write((manager) => work(manager.getRepository(ShelfEntryEntity)));
  }
}

/** An id that no entry of the shelf has. */
async function freeId(rows: Repository<ShelfEntryEntity>, shelf: ShelfId, name: string): Promise<string> {
  const taken = new Set((await rows.find({ select: { id: true }, where: { shelf } })).map(({ id }) => id));
  return idFrom(name, (id) => taken.has(id));
}

/** The revision of each entry of a shelf, those in the bin too. */
async function revisionsOf(manager: EntityManager, shelf: ShelfId): Promise<Map<string, number>> {
  const rows = await manager
    .createQueryBuilder(ShelfEntryEntity, 'row')
    .select(['row.id AS id', 'row.revision AS revision'])
    .where({ shelf })
    .getRawMany<{ id: string; revision: number }>();
  return new Map(rows.map(({ id, revision }) => [id, revision]));
}

async function putSetting(manager: EntityManager, row: SettingEntity, revision: number): Promise<boolean> {
  const settings = manager.getRepository(SettingEntity);
  if (revision > 0) return (await settings.update({ id: row.id, revision }, row)).affected === 1;
  if (await settings.existsBy({ id: row.id })) return false;
  await settings.insert(row);
  return true;
}

export const isStandard = (shelf: ShelfId, id: string): boolean =>
  shelfSpec(shelf).standard.some((entry) => entry.id === id);

const standardRefused = (shelf: ShelfId, id: string): ApiError =>
  new ApiError(409, 'shelf.standard', `“${id}” is a standard ${shelfSpec(shelf).one}. Make a copy and change that.`);
const full = (): ApiError => refused('shelf.full', `A shelf holds at most ${shelfLimits.shelf} entries of your own.`);
const unknown = (shelf: ShelfId, id: string): ApiError =>
  notFound('shelf.unknown', `There is no ${shelfSpec(shelf).one} “${id}” of your own.`);

function checked(shelf: ShelfId, json: Record<string, unknown>): ShelfEntry {
  const fields = entryProblems(shelf, json).map(({ path, message }) => ({ path: `entry.${path}`, message }));
  if (fields.length > 0) throw refused('shelf.invalid', `${fields[0]!.message}.`, fields);
  return json as unknown as ShelfEntry;
}

const changeOf = (entry: ShelfEntry, revision: number) => ({
  name: entry.name,
  entry: JSON.stringify(entry),
  revision: revision + 1,
  updatedAt: new Date().toISOString(),
});

const newRow = (shelf: ShelfId, entry: ShelfEntry, revision = 0): ShelfEntryEntity => {
  const change = changeOf(entry, revision);
  return { shelf, id: entry.id, createdAt: change.updatedAt, deletedAt: null, ...change };
};

const stored = ({
  entry,
  revision,
  updatedAt,
  deletedAt,
}: Pick<ShelfEntryEntity, 'entry' | 'revision' | 'updatedAt' | 'deletedAt'>): StoredEntry => ({
  entry: JSON.parse(entry) as ShelfEntry,
  revision,
  updatedAt,
  deletedAt,
});

function ownShelves(rows: readonly ShelfEntryEntity[], rules: RuleSettings): Shelves {
  const of = (id: ShelfId) => rows.filter(({ shelf }) => shelf === id).map(({ entry }) => JSON.parse(entry) as never);
  return withOwn({
    items: of('items'),
    materials: of('materials'),
    hardware: of('hardware'),
    machines: of('machines'),
    rules,
  });
}

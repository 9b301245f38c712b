import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm';

/** Rows that go into one statement; SQLite takes 32,766 values at once, PostgreSQL 65,535. */
const CHUNK = 1000;

/** Puts rows into a table; where one with the same key is there, it is changed. The statement is written here and not by the query
 * builder, which takes five times as long for thousands of rows, while others wait.
 * @param key fields that tell one row from another
 * @param change fields that are taken over where a row is there already */
export async function putRows<Row extends ObjectLiteral>(
  manager: EntityManager,
  entity: EntityTarget<Row>,
  rows: readonly Row[],
  { key, change }: { key: (keyof Row & string)[]; change: (keyof Row & string)[] },
): Promise<void> {
  const { driver } = manager.connection;
  const { columns, tablePath } = manager.connection.getMetadata(entity);
  const named = (field: string) => columns.find(({ propertyName }) => propertyName === field)!.databaseName;
  const list = (fields: string[]) => fields.map((field) => driver.escape(named(field))).join(', ');
  const fields = columns.map(({ propertyName }) => propertyName);
  const taken = change.map((field) => `${driver.escape(named(field))} = excluded.${driver.escape(named(field))}`);
  for (let at = 0; at < rows.length; at += CHUNK) {
    // readers are answered between two statements; they see nothing of it yet
    if (at > 0) await new Promise((resolve) => setImmediate(resolve));
    const chunk = rows.slice(at, at + CHUNK);
    let index = 0;
    const holes = chunk.map(() => `(${fields.map(() => driver.createParameter('', index++)).join(', ')})`);
    await manager.query(
      `INSERT INTO ${driver.escape(tablePath)} (${list(fields)}) VALUES ${holes.join(', ')} ` +
        `ON CONFLICT (${list(key)}) DO UPDATE SET ${taken.join(', ')}`,
      chunk.flatMap((row) => fields.map((field) => row[field] as unknown)),
    );
  }
}

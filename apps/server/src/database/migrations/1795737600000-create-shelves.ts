import { Table, TableIndex, type MigrationInterface, type QueryRunner } from 'typeorm';

/** The maker's own shelves, and her settings. */
export class CreateShelves1795737600000 implements MigrationInterface {
  name = 'CreateShelves1795737600000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(
      new Table({
        name: 'shelf_entries',
        columns: [
          { name: 'shelf', type: 'text', isPrimary: true },
          { name: 'id', type: 'text', isPrimary: true },
          { name: 'name', type: 'text' },
          { name: 'entry', type: 'text' },
          { name: 'revision', type: 'integer' },
          { name: 'created_at', type: 'text' },
          { name: 'updated_at', type: 'text' },
          { name: 'deleted_at', type: 'text', isNullable: true },
        ],
      }),
    );
    const byName = new TableIndex({ name: 'shelf_entries_by_name', columnNames: ['shelf', 'deleted_at', 'name'] });
    await runner.createIndex('shelf_entries', byName);
    await runner.createTable(
      new Table({
        name: 'settings',
        columns: [
          { name: 'id', type: 'text', isPrimary: true },
          { name: 'value', type: 'text' },
          { name: 'revision', type: 'integer' },
          { name: 'updated_at', type: 'text' },
        ],
      }),
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('settings');
    await runner.dropTable('shelf_entries');
  }
}

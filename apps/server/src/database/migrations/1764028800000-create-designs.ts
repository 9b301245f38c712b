import { Table, TableIndex, type MigrationInterface, type QueryRunner } from 'typeorm';

/** The shelf of designs. */
export class CreateDesigns1764028800000 implements MigrationInterface {
  name = 'CreateDesigns1764028800000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(
      new Table({
        name: 'designs',
        columns: [
          { name: 'id', type: 'text', isPrimary: true },
          { name: 'name', type: 'text' },
          { name: 'document', type: 'text' },
          { name: 'revision', type: 'integer' },
          { name: 'created_at', type: 'text' },
          { name: 'updated_at', type: 'text' },
          { name: 'deleted_at', type: 'text', isNullable: true },
        ],
      }),
    );
    const byDate = new TableIndex({ name: 'designs_by_date', columnNames: ['deleted_at', 'updated_at'] });
    await runner.createIndex('designs', byDate);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('designs');
  }
}

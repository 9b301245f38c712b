import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';

/** States of designs that are kept. */
export class CreateVersions1795910400000 implements MigrationInterface {
  name = 'CreateVersions1795910400000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(
      new Table({
        name: 'design_versions',
        columns: [
          { name: 'design_id', type: 'text', isPrimary: true },
          { name: 'number', type: 'integer', isPrimary: true },
          { name: 'name', type: 'text' },
          { name: 'document', type: 'text' },
          { name: 'created_at', type: 'text' },
        ],
      }),
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('design_versions');
  }
}

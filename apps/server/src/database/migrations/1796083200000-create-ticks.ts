import { Table, type MigrationInterface, type QueryRunner } from 'typeorm';

/** What is done of the order of work. */
export class CreateTicks1796083200000 implements MigrationInterface {
  name = 'CreateTicks1796083200000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.createTable(
      new Table({
        name: 'design_ticks',
        columns: [
          { name: 'design_id', type: 'text', isPrimary: true },
          { name: 'action', type: 'text', isPrimary: true },
          { name: 'hash', type: 'text' },
          { name: 'done_at', type: 'text' },
        ],
      }),
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.dropTable('design_ticks');
  }
}

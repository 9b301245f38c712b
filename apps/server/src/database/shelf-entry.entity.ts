import { Column, Entity, PrimaryColumn } from 'typeorm';

/** An entry of the maker's own on one of her shelves. */
@Entity('shelf_entries')
export class ShelfEntryEntity {
  @PrimaryColumn({ type: 'text' }) shelf!: string;
  @PrimaryColumn({ type: 'text' }) id!: string;
  /** Copied from the entry, for lists and searches. */
  @Column({ type: 'text' }) name!: string;
  /** The entry as JSON text. */
  @Column({ type: 'text' }) entry!: string;
  /** Grows by one with every write. */
  @Column({ type: 'integer' }) revision!: number;
  /** ISO 8601, UTC. */
  @Column({ type: 'text', name: 'created_at' }) createdAt!: string;
  @Column({ type: 'text', name: 'updated_at' }) updatedAt!: string;
  /** When it went to the bin. */
  @Column({ type: 'text', name: 'deleted_at', nullable: true }) deletedAt!: string | null;
}

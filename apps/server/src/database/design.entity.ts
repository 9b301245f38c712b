import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A stored design. The document is kept as it was written, also if this version cannot read it. */
@Entity('designs')
export class DesignEntity {
  @PrimaryColumn({ type: 'text' }) id!: string;
  /** Copied from the document, for lists and searches. */
  @Column({ type: 'text' }) name!: string;
  /** The design document as JSON text. */
  @Column({ type: 'text' }) document!: string;
  /** Grows by one with every write. */
  @Column({ type: 'integer' }) revision!: number;
  /** ISO 8601, UTC. */
  @Column({ type: 'text', name: 'created_at' }) createdAt!: string;
  @Column({ type: 'text', name: 'updated_at' }) updatedAt!: string;
  /** When it went to the bin. */
  @Column({ type: 'text', name: 'deleted_at', nullable: true }) deletedAt!: string | null;
}

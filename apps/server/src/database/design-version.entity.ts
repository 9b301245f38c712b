import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A state of a design that the maker has kept. It is never changed. */
@Entity('design_versions')
export class DesignVersionEntity {
  @PrimaryColumn({ type: 'text', name: 'design_id' }) designId!: string;
  /** 1 for the first one of a design. */
  @PrimaryColumn({ type: 'integer' }) number!: number;
  @Column({ type: 'text' }) name!: string;
  /** The design document as JSON text. */
  @Column({ type: 'text' }) document!: string;
  /** ISO 8601, UTC. */
  @Column({ type: 'text', name: 'created_at' }) createdAt!: string;
}

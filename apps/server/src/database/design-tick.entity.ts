import { Column, Entity, PrimaryColumn } from 'typeorm';

/** That an action of a design was done at the bench, and what it said then. It is no part of the design. */
@Entity('design_ticks')
export class DesignTickEntity {
  @PrimaryColumn({ type: 'text', name: 'design_id' }) designId!: string;
  /** Id of the action in the order of work. */
  @PrimaryColumn({ type: 'text' }) action!: string;
  /** The same while the action says the same. */
  @Column({ type: 'text' }) hash!: string;
  /** ISO 8601, UTC. */
  @Column({ type: 'text', name: 'done_at' }) doneAt!: string;
}

import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What the maker has set for all her designs, by name. */
@Entity('settings')
export class SettingEntity {
  @PrimaryColumn({ type: 'text' }) id!: string;
  /** JSON text. */
  @Column({ type: 'text' }) value!: string;
  @Column({ type: 'integer' }) revision!: number;
  @Column({ type: 'text', name: 'updated_at' }) updatedAt!: string;
}

import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, type Repository } from 'typeorm';
import { refused } from '../common/api-error.ts';
import { DesignTickEntity } from '../database/design-tick.entity.ts';
import { putRows } from '../database/put-rows.ts';
import { Writer } from '../database/writer.ts';
import { DesignsService } from './designs.service.ts';

/** An action that is done, and what it said then. */
export interface Tick {
  action: string;
  hash: string;
  doneAt: string;
}

/** Ticks of one design: more are those of designs that it was once. */
const MOST = 5000;

/** What is done at the bench: it is kept beside a design and changes nothing of it. */
@Injectable()
export class TicksService {
  constructor(
    @InjectRepository(DesignTickEntity) private readonly rows: Repository<DesignTickEntity>,
    private readonly designs: DesignsService,
    private readonly writer: Writer,
  ) {}

  /** All ticks of a design, also of actions that it has no more. */
  async list(designId: string): Promise<{ ticks: Tick[] }> {
    await this.designs.get(designId);
    return this.#stored(designId);
  }

  /** Ticks actions off, and takes the ticks of others back; doing it twice is doing it once. */
  async change(
    designId: string,
    { done, undone }: { done: readonly { action: string; hash: string }[]; undone: readonly string[] },
  ): Promise<{ ticks: Tick[] }> {
    await this.designs.get(designId);
    const doneAt = new Date().toISOString();
    // the last word on an action counts
    const rows = [...new Map(done.map(({ action, hash }) => [action, { designId, action, hash, doneAt }])).values()];
    await this.writer.write(async (manager) => {
      const ticks = manager.getRepository(DesignTickEntity);
      if (undone.length > 0) await ticks.delete({ designId, action: In([...undone]) });
      if (rows.length > 0)
        await putRows(manager, DesignTickEntity, rows, { key: ['designId', 'action'], change: ['hash', 'doneAt'] });
      if ((await ticks.countBy({ designId })) > MOST)
        throw refused('ticks.tooMany', `A design has at most ${MOST} ticks: nothing was ticked. Take some back.`);
    });
    return this.#stored(designId);
  }

  async #stored(designId: string): Promise<{ ticks: Tick[] }> {
    const rows = await this.rows.find({ where: { designId }, order: { doneAt: 'ASC', action: 'ASC' } });
    return { ticks: rows.map(({ action, hash, doneAt }) => ({ action, hash, doneAt })) };
  }
}

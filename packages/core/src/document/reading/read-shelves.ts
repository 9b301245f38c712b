import type { Shelves } from '../../shelves/shelves.ts';
import { limits } from '../limits.ts';
import { IsParams, IsRecords, MayBeLeftOut } from './checks.ts';
import { HardwareSchema, ItemSchema, MachineSchema, MaterialSchema } from './entry-schemas.ts';
import { problemsWith, type Problem } from './problems.ts';

const { shelf } = limits;

class ShelvesSchema {
  @MayBeLeftOut()
  @IsRecords(() => ItemSchema, shelf)
  items?: object[];
  @MayBeLeftOut()
  @IsRecords(() => MaterialSchema, shelf)
  materials?: object[];
  @MayBeLeftOut()
  @IsRecords(() => HardwareSchema, shelf)
  hardware?: object[];
  @MayBeLeftOut()
  @IsRecords(() => MachineSchema, shelf)
  machines?: object[];
  @MayBeLeftOut() @IsParams() rules?: Record<string, number | string>;
}

const known = ['items', 'materials', 'hardware', 'machines', 'rules'] as const;

/** Reads shelves that came from outside, each of them optional.
 * @returns only the shelves that were given, or what is wrong with them */
export function readShelves(
  json: Record<string, unknown>,
): { ok: true; shelves: Partial<Shelves> } | { ok: false; message: string; fields: Problem[] } {
  const unknown = Object.keys(json).filter((key) => !known.some((name) => name === key));
  const fields = [
    ...unknown.map((path) => ({ path, message: `there is no shelf “${path}”; there are ${known.join(', ')}` })),
    ...problemsWith(ShelvesSchema, json),
  ];
  if (fields.length > 0)
    return { ok: false, message: `The shelves cannot be used: ${fields[0]!.path} (${fields[0]!.message}).`, fields };
  return { ok: true, shelves: json as Partial<Shelves> };
}

import type { ParamSpec } from '@zindle/core';
import { useState } from 'react';
import { toast } from 'sonner';
import { failureWords } from '../../api/client.ts';
import { useShelves } from '../../store/shelves.ts';
import { keepUsual } from '../../store/usual-choices.ts';

interface Props {
  /** Of the family, such as `bodies/sleeve`. */
  path: string;
  name: string;
  spec: Extract<ParamSpec, { kind: 'choice' }>;
  /** The choice that is made here. */
  chosen: string;
}

/** Makes a choice what new things begin with, or tells that they do. Says nothing where they begin with it anyway. */
export function UsualChoice({ path, name, spec, chosen }: Props) {
  const usual = useShelves(({ house }) => house.usual?.[path]?.[name]);
  const [storing, setStoring] = useState(false);
  const kept = chosen === usual;
  if (!kept && chosen === (usual ?? spec.standard)) return null;
  async function keep(choice: string | undefined) {
    setStoring(true);
    try {
      await keepUsual(path, name, choice);
      const title = spec.choices.find(({ id }) => id === (choice ?? spec.standard))?.title ?? '';
      toast(`New ones begin with “${spec.title}: ${title}”. What is there keeps its own.`);
    } catch (error) {
      toast.error(failureWords(error));
    } finally {
      setStoring(false);
    }
  }
  const takesAway = kept || chosen === spec.standard;
  return (
    <p className="mt-0.5 text-right text-xs text-quiet">
      {kept && 'your usual choice · '}
      <button
        type="button"
        disabled={storing}
        className="font-semibold text-weld underline underline-offset-2"
        aria-label={`${spec.title}: ${kept ? 'not your usual choice any more' : 'begin new ones with this choice'}`}
        onClick={() => void keep(takesAway ? undefined : chosen)}
      >
        {kept ? 'not any more' : 'begin new ones so'}
      </button>
    </p>
  );
}

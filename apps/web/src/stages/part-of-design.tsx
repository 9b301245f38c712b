import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, failureWords } from '../api/client.ts';
import { useDesign } from '../store/design-context.ts';
import { useShelves } from '../store/shelves.ts';
import { MayFail } from '../ui/may-fail.tsx';
import { saveFile } from '../ui/save-file.ts';

const jsonFile = (value: unknown): Blob =>
  new Blob([`${JSON.stringify(value, null, 2)}\n`], { type: 'application/json' });

/** A panel or drawing of the open design that may fail alone. */
export function PartOfDesign({ part, children }: { part: string; children: React.ReactNode }) {
  const document = useDesign((state) => state.document);
  const undo = useDesign((state) => state.undo);
  const before = useDesign(({ history }) => history.past.length > 0);
  const shelves = useShelves((state) => state.shelves);
  const navigate = useNavigate();
  async function toBin() {
    try {
      await api.remove(document.id);
      await navigate('/bin');
    } catch (error) {
      toast.error(failureWords(error));
    }
  }
  const ways = (
    <>
      {before && (
        <button type="button" className="button" onClick={undo}>
          Undo the last step
        </button>
      )}
      <button type="button" className="button" onClick={() => saveFile(`${document.id}.json`, jsonFile(document))}>
        Save it as JSON
      </button>
      <button type="button" className="button" onClick={() => void toBin()}>
        Into the bin
      </button>
    </>
  );
  return (
    <MayFail part={part} name={document.name} from={[document, shelves]} ways={ways}>
      {children}
    </MayFail>
  );
}

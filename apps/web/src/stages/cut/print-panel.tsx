import { FileDown, Printer } from 'lucide-react';
import { useState } from 'react';
import { fileAddress } from '../../api/client.ts';
import { useDesign } from '../../store/design-context.ts';
import { Choice } from '../../ui/choice.tsx';
import { Signal } from '../../ui/signal.tsx';
import type { WithSolution } from '../use-solved.ts';

type Paper = 'a4' | 'letter' | 'sheet';
const files = [
  { file: 'pattern.svg', title: 'Pieces as SVG', why: 'in mm, one layer for each kind of line' },
  { file: 'chart.csv', title: 'Chart as CSV', why: 'for a spreadsheet' },
  { file: 'design.json', title: 'Design as JSON', why: 'to keep or to pass on' },
];

/** What can be taken away: the true-scale print, and files for other programs. */
export function PrintPanel({ document, solution }: WithSolution) {
  const [paper, setPaper] = useState<Paper>(document.unit === 'in' ? 'letter' : 'a4');
  const save = useDesign((state) => state.save.kind);
  const open = solution.seams.filter(({ walks }) => !walks);
  const stops = solution.findings.filter(({ severity }) => severity === 'stop').length;
  const ready = save === 'stored' && open.length === 0;
  return (
    <section aria-label="Print">
      <h2 className="text-lg">Print at true scale</h2>
      <p className="mt-1 text-quiet">
        The first page has a square of 100 mm and one of 4 in, and the outline of a bank card: print at 100 % and
        measure before you cut.
      </p>
      <div className="mt-3 flex items-center justify-between gap-3">
        <Choice<Paper>
          label="Paper"
          hideLabel
          value={paper}
          choices={[
            { id: 'a4', title: 'A4' },
            { id: 'letter', title: 'Letter' },
            { id: 'sheet', title: 'one sheet' },
          ]}
          onChoice={(id: Paper) => setPaper(id)}
        />
        <FileLink ready={ready} address={`${fileAddress(document.id, 'pattern.pdf')}?paper=${paper}`} main>
          <Printer size={15} aria-hidden="true" /> Pattern as PDF
        </FileLink>
      </div>
      {open.length > 0 && (
        <Warning>
          {open.length} seams do not walk: their two edges differ in length. Nothing is printed until they do; see
          Shape.
        </Warning>
      )}
      {stops > 0 && (
        <Warning>
          {stops === 1 ? 'One thing is' : `${stops} things are`} not solved yet, see Shape. You may print, but it will
          not hold everything.
        </Warning>
      )}
      {save !== 'stored' && (
        <p className="mt-2 text-sm text-quiet" role="status">
          {save === 'pending'
            ? 'Storing the last change …'
            : 'Files are made from the stored design; the last changes are not stored yet.'}
        </p>
      )}
      <ul className="mt-3 flex flex-wrap gap-2">
        {files.map(({ file, title, why }) => (
          <li key={file}>
            <FileLink
              ready={ready || (save === 'stored' && file !== 'pattern.svg')}
              address={fileAddress(document.id, file)}
              title={why}
            >
              <FileDown size={15} aria-hidden="true" /> {title}
            </FileLink>
          </li>
        ))}
      </ul>
    </section>
  );
}

const Warning = ({ children }: { children: React.ReactNode }) => (
  <p className="mt-3 flex gap-2 rounded-lg bg-chalk-soft px-3 py-2">
    <Signal of="stop" />
    <span>{children}</span>
  </p>
);

interface LinkProps {
  ready: boolean;
  address: string;
  children: React.ReactNode;
  title?: string;
  main?: boolean;
}

function FileLink({ ready, address, children, title, main = false }: LinkProps) {
  const look = `button ${main ? 'button-main' : ''}`;
  if (!ready)
    return (
      <button type="button" className={look} disabled title={title}>
        {children}
      </button>
    );
  return (
    <a href={address} target="_blank" rel="noreferrer" className={look} title={title}>
      {children}
    </a>
  );
}

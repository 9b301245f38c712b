import { hardwareNeeds, nameOn, needWords, type Solution } from '@zindle/core';
import { useShelves } from '../../store/shelves.ts';
import { useLength } from '../../ui/use-length.ts';

/** What must lie ready beside the cloth, with its lengths, and the cautions of the bench. */
export function NeedsList({ solution }: { solution: Solution }) {
  const length = useLength();
  const hardware = useShelves((state) => state.shelves.hardware);
  const needs = hardwareNeeds(solution);
  const nameOf = nameOn({ materials: [], hardware });
  return (
    <>
      <h2 className="text-base">You need, beside the cloth</h2>
      {needs.length === 0 ? (
        <p className="mt-1 text-quiet">Thread that matches; no hardware.</p>
      ) : (
        <dl className="mt-1">
          {needs.map((need) => (
            <div key={need.standard} className="border-b border-hair/70 py-1.5">
              <dt>{nameOf(need.used)}</dt>
              <dd className="text-[13px] text-quiet">{needWords(need, (mm) => length(mm, true))}</dd>
            </div>
          ))}
        </dl>
      )}
      <h2 className="mt-6 text-base">Take care</h2>
      <ul className="mt-1 space-y-1.5 text-[13px] leading-snug">
        <li>Pull each pin before the foot reaches it; keep fingers clear of a running needle.</li>
        <li>Iron and steam burn: test the heat on a scrap, and keep it from film, mesh and coil zippers.</li>
        <li>Close the rotary cutter each time you lay it down.</li>
        <li>Small parts and cords are no toys. For things made for children, local rules decide.</li>
      </ul>
    </>
  );
}

import type { Section } from '@zindle/core';
import { useSize } from '../../board/use-size.ts';
import { clothTint, thingTint } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import { Measure } from '../../ui/measure.tsx';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';

/** The closed and full wallet cut through, between the jaws of a caliper. */
export function SectionPanel({ document, solution }: WithSolution) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const explain = useDesign((state) => state.explain);
  const length = useLength();
  const { section, emptyThickness } = solution;
  return (
    <section aria-label="Section, closed and full" className="flex min-h-0 min-w-0 flex-1 flex-col px-4 pt-2.5 pb-1">
      <h2 className="text-base">{titles[section.state]}</h2>
      <div className="flex min-h-0 flex-1">
        <div ref={ref} className="min-w-0 flex-1 overflow-hidden">
          {width > 0 && <SectionDrawing section={section} document={document} width={width} height={height} />}
        </div>
        <div className="self-center pl-2">
          <button
            type="button"
            className="block font-head text-2xl underline decoration-dotted underline-offset-4"
            aria-label={`${section.total.label} ${length(section.total.value, true)}: explain`}
            onClick={() => explain({ path: 'section/total', into: [] })}
          >
            <Measure mm={section.total.value} />
          </button>
          <span className="text-xs text-quiet">empty {length(emptyThickness.value)}</span>
        </div>
      </div>
    </section>
  );
}

const titles: Record<Section['state'], string> = {
  closed: 'Closed and full, cut through the thickest places',
  open: 'Lying open and full, cut across',
};

interface DrawingProps {
  section: Section;
  document: WithSolution['document'];
  width: number;
  height: number;
}

export function SectionDrawing({ section, document, width, height }: DrawingProps) {
  const total = section.total.value;
  const scale = Math.min((width - 110) / (section.width + total / 2), (height - 34) / Math.max(total, 1), 6);
  const thick = total * scale;
  const top = (height - thick) / 2;
  const fold = thick / 2 + 12;
  const end = fold + section.width * scale;
  const z = (at: number) => top + thick - at * scale;
  const u = (at: number) => (section.folded ? end - at * scale : fold + at * scale);
  return (
    <svg width={width} height={height} role="img" aria-label={`Section, ${section.layers.length} layers`}>
      {section.layers.map(({ of, label, u0, u1, z0, z1, round }, index) => {
        const tint = 'role' in of ? clothTint(document, of.role) : thingTint(document, of.line);
        const thin = (z1 - z0) * scale < 1.6;
        return (
          <rect
            key={index}
            rx={round ? ((u1 - u0) * scale) / 2 : 0}
            x={Math.min(u(u0), u(u1))}
            y={z(z1)}
            width={(u1 - u0) * scale}
            height={Math.max(0.6, (z1 - z0) * scale)}
            fill={tint}
            stroke="#1F2B44"
            strokeWidth={thin ? 0.25 : 0.6}
          >
            <title>{label}</title>
          </rect>
        );
      })}
      {section.folded && <Folds section={section} document={document} scale={scale} x={fold} bottom={top + thick} />}
      <Jaws x={end} top={top} bottom={top + thick} />
    </svg>
  );
}

/** The layers that go round the fold: from outside in, as half rings of their thickness. */
function Folds({
  section,
  document,
  scale,
  x,
  bottom,
}: {
  section: Section;
  document: WithSolution['document'];
  scale: number;
  x: number;
  bottom: number;
}) {
  const within = section.inFold ?? section.total.value;
  const middle = bottom - (within / 2) * scale;
  const around = section.layers.filter(
    ({ of, u1, z0 }) => 'role' in of && u1 >= section.width - 1e-6 && z0 < within / 2,
  );
  return around.map(({ of, z0, z1 }, index) => {
    const radius = (within / 2 - (z0 + z1) / 2) * scale;
    const tint = 'role' in of ? clothTint(document, of.role) : '#fff';
    const breadth = Math.max(0.8, (z1 - z0) * scale);
    if (radius <= 0) return null;
    const arc = `M${x} ${middle - radius}A${radius} ${radius} 0 0 0 ${x} ${middle + radius}`;
    return (
      <g key={index} fill="none">
        <path d={arc} stroke="#1F2B44" strokeWidth={breadth + 0.8} />
        <path d={arc} stroke={tint} strokeWidth={breadth} />
      </g>
    );
  });
}

/** Caliper jaws on the thickness. */
function Jaws({ x, top, bottom }: { x: number; top: number; bottom: number }) {
  const jaw = (y: number, out: -1 | 1) => `M${x - 46} ${y}l26 ${out * 13}H${x + 66}V${y}Z`;
  return (
    <g fill="#DDD6C6" stroke="#1F2B44" strokeWidth="1.1">
      <path d={jaw(top - 1, -1)} />
      <path d={jaw(bottom + 1, 1)} />
      <path d={`M${x + 54} ${top}V${bottom}m-4 0h8M${x + 50} ${top}h8`} fill="none" />
    </g>
  );
}

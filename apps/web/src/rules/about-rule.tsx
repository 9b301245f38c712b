import { mayBe, standardOf, type HouseRule, type LengthRule } from '@zindle/core';
import { useLength, useUnit } from '../ui/use-length.ts';

/** Why the rule is as it is, where its value lies in its range, and the way back to the standard. */
export function AboutRule({
  rule,
  value,
  onValue,
}: {
  rule: HouseRule;
  value: number | string | undefined;
  onValue(value: undefined): void;
}) {
  const unit = useUnit();
  const length = useLength();
  return (
    <>
      <h2 className="text-lg leading-tight">{rule.title}</h2>
      <p className="mt-1">{rule.why}</p>
      {rule.kind === 'length' ? (
        <Range {...rangeOf(rule, unit === 'in')} value={value} say={length} />
      ) : rule.kind === 'number' ? (
        <Range {...rule} value={value} say={(number) => `${number} ${rule.unit}`.trim()} />
      ) : (
        <p className="mt-2 text-quiet">
          Standard: {rule.standard}. May be {mayBe(rule)}.
        </p>
      )}
      {value !== undefined && (
        <button type="button" className="button mt-3" onClick={() => onValue(undefined)}>
          Back to the standard
        </button>
      )}
      <p className="mt-3 text-xs text-quiet">Common practice. A design that sets this rule itself keeps its own.</p>
    </>
  );
}

const rangeOf = (rule: LengthRule, inched: boolean) => ({
  least: rule.least,
  most: rule.most,
  standard: standardOf(rule, inched),
});

interface RangeProps {
  least: number;
  most: number;
  standard: number;
  value: number | string | undefined;
  say(number: number): string;
}

/** The range as a tape, the standard as a notch, the value as a mark. */
function Range({ least, most, standard, value: own, say }: RangeProps) {
  const value = Number(own ?? standard);
  const at = (number: number) => 12 + (286 * (number - least)) / (most - least || 1);
  return (
    <svg
      width="310"
      height="72"
      className="mt-3"
      role="img"
      aria-label={`${say(value)}, between ${say(least)} and ${say(most)}; standard ${say(standard)}`}
    >
      <rect x="12" y="30" width="286" height="10" fill="#F6ECD4" stroke="#1F2B44" />
      {Array.from({ length: 11 }, (_, index) => (
        <path key={index} d={`M${12 + 28.6 * index} 30v${index % 5 === 0 ? 6 : 3}`} stroke="#1F2B44" />
      ))}
      <path d={`M${at(standard)} 26v18`} stroke="#0F6B66" strokeWidth="2" />
      <path d={`M${at(value)} 30l-5 -9h10z`} fill="#C8452F" />
      <g fontSize="12" fill="#1F2B44">
        <text x={Math.min(286, Math.max(24, at(value)))} y="15" textAnchor="middle" fontWeight="650" fill="#B03A25">
          {say(value)}
        </text>
        <text x="12" y="57">
          {say(least)}
        </text>
        <text x="298" y="57" textAnchor="end">
          {say(most)}
        </text>
        <text x={Math.min(270, Math.max(40, at(standard)))} y="69" textAnchor="middle" fill="#0F6B66">
          standard {say(standard)}
        </text>
      </g>
    </svg>
  );
}

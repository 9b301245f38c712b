import { coverages, type Coverage } from '@zindle/core';
import { Radio, RadioGroup } from '@headlessui/react';
import { coverageWords } from './role-words.ts';

interface Props {
  label: string;
  value: Coverage;
  tint: string;
  onCoverage(coverage: Coverage): void;
}

/** How far a layer goes, chosen on the corner of a piece with its stitch line. */
export function CoverageChoice({ label, value, tint, onCoverage }: Props) {
  return (
    <RadioGroup value={value} onChange={onCoverage} aria-label={label} className="flex gap-1">
      {coverages.map((coverage) => (
        <Radio
          key={coverage}
          value={coverage}
          title={coverageWords[coverage].why}
          aria-label={coverageWords[coverage].title}
          className="cursor-pointer rounded-md border border-hair bg-white p-0.5 data-checked:border-ink data-checked:ring-1 data-checked:ring-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-chalk"
        >
          <svg width="34" height="30" aria-hidden="true">
            <path d={ground[coverage]} fill={tint} stroke="#1F2B44" strokeWidth="0.6" />
            <path d="M2 2H32V28H2Z" fill="none" stroke="#1F2B44" strokeWidth="1" />
            <path d="M7 7H27V23H7Z" fill="none" stroke="#C8452F" strokeWidth="0.9" strokeDasharray="3 2" />
          </svg>
        </Radio>
      ))}
    </RadioGroup>
  );
}

/** What a layer covers of a small piece. */
const ground: Record<Coverage, string> = {
  full: 'M2 2H32V28H2Z',
  trimmed: 'M7 7H27V23H7Z',
  corners: 'M11 7H23L27 11V19L23 23H11L7 19V11Z',
  half: 'M7 15H27V23H7Z',
};

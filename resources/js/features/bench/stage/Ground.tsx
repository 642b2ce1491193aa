import { Fragment, type ReactNode } from 'react';
import { Panel } from './Panel';
import { useKept } from '@/lib/useKept';
import type { Size } from './useSize';

type Part = 'settings' | 'steppers' | 'stage' | 'inputs' | 'advice';

/** Parts by size in the order in which they are seen, and so taken by keys. */
const ORDER: Readonly<Record<Size, readonly Part[]>> = {
  phone: ['settings', 'steppers', 'stage', 'inputs', 'advice'],
  tablet: ['settings', 'inputs', 'stage', 'advice'],
  desk: ['inputs', 'stage', 'settings', 'advice'],
};

const AREAS = [
  'md:grid-cols-[18rem_1fr] md:[grid-template-areas:"settings_settings"_"inputs_stage"_"inputs_advice"]',
  'lg:grid-cols-[var(--inputs)_1fr] lg:[grid-template-areas:"inputs_stage"_"inputs_settings"_"inputs_advice"]',
  'xl:grid-cols-[var(--inputs)_1fr_var(--advice)] xl:grid-rows-[minmax(0,1fr)_auto] xl:[grid-template-areas:"inputs_stage_advice"_"inputs_settings_advice"]',
].join(' ');

const FOLD = ['open', 'folded'] as const;
const NARROW = '3rem';

interface Props {
  readonly size: Size;
  readonly parts: Readonly<Record<Part, ReactNode>>;
}

/** Where the parts of the bench stand. On a phone the answer and what changes most come first; on a desk the panels beside the stage fold away. */
export function Ground({ size, parts }: Props) {
  const [inputs, foldInputs] = useKept('kaddle-inputs', FOLD);
  const [advice, foldAdvice] = useKept('kaddle-advice', FOLD);
  const folds = size === 'desk';
  const drawn: Readonly<Record<Part, ReactNode>> = {
    ...parts,
    stage: <div className="flex min-h-0 min-w-0 flex-col md:[grid-area:stage]">{parts.stage}</div>,
    settings: <div className="grid min-w-0 content-start gap-3 md:[grid-area:settings]">{parts.settings}</div>,
    inputs: (
      <Panel name="Inputs" side="left" fold={folds ? inputs : 'open'} onFold={folds ? foldInputs : undefined} className="bg-raised md:border-r md:border-line md:[grid-area:inputs]">
        {parts.inputs}
      </Panel>
    ),
    advice: (
      <Panel name="Reasons and ways" side="right" fold={folds ? advice : 'open'} onFold={folds ? foldAdvice : undefined} className="@container border-t border-line md:[grid-area:advice] xl:border-t-0 xl:border-l">
        {parts.advice}
      </Panel>
    ),
  };
  const columns = { '--inputs': inputs === 'open' ? '19rem' : NARROW, '--advice': advice === 'open' ? '20rem' : NARROW };
  return (
    <div style={columns as React.CSSProperties} className={`grid min-h-0 grow grid-cols-1 content-start xl:content-stretch ${AREAS}`}>
      {ORDER[size].map((part) => (
        <Fragment key={part}>{drawn[part]}</Fragment>
      ))}
    </div>
  );
}

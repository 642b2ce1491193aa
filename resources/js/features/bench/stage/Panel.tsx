import { useId, type ReactNode } from 'react';

interface Props {
  readonly name: string;
  readonly side: 'left' | 'right';
  readonly fold: 'open' | 'folded';
  /** Missing where it always stands open. */
  readonly onFold: ((fold: 'open' | 'folded') => void) | undefined;
  readonly className: string;
  readonly children: ReactNode;
}

/** What stands beside the stage, scrolls alone, and folds to its name. */
export function Panel({ name, side, fold, onFold, className, children }: Props) {
  const id = useId();
  const isOpen = fold === 'open';
  return (
    <section aria-label={name} className={`flex min-h-0 min-w-0 flex-col ${className}`}>
      {onFold !== undefined && (
        <button
          type="button"
          aria-expanded={isOpen}
          aria-controls={id}
          title={isOpen ? `Fold “${name}” away` : `Open “${name}”`}
          className={`flex min-h-10 items-center gap-2 px-4 text-sm font-medium text-faint hover:bg-sunk ${isOpen ? '' : 'grow flex-col py-4 px-0'} ${side === 'right' && isOpen ? '' : 'justify-between'}`}
          onClick={() => {
            onFold(isOpen ? 'folded' : 'open');
          }}
        >
          <span className={isOpen ? '' : '[writing-mode:vertical-rl]'}>{name}</span>
          <span aria-hidden className={isOpen && side === 'right' ? 'ml-auto' : ''}>
            {isOpen === (side === 'left') ? '‹' : '›'}
          </span>
        </button>
      )}
      <div id={id} hidden={!isOpen} className={`min-h-0 grow p-4 xl:overflow-y-auto xl:[contain:strict] ${onFold === undefined ? '' : 'pt-1'}`}>
        {children}
      </div>
    </section>
  );
}

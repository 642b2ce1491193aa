interface Props {
  readonly rules: readonly string[];
  readonly cautions: readonly string[];
}

/** What the house forbids and what wants care, where it applies. */
export function Warnings({ rules, cautions }: Props) {
  return (
    <>
      <Sentences heading="House rule" sentences={rules} />
      <Sentences heading="Take care" sentences={cautions} />
    </>
  );
}

function Sentences({ heading, sentences }: { readonly heading: string; readonly sentences: readonly string[] }) {
  if (sentences.length === 0) return null;
  return (
    <ul className="grid gap-1 border-l-4 border-edge pl-3" aria-label={heading}>
      {sentences.map((sentence) => (
        <li key={sentence}>
          <strong className="font-semibold">{heading}:</strong> {sentence}
        </li>
      ))}
    </ul>
  );
}

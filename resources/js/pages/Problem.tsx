import { TextLink } from '@/ui/TextLink';
import { Frame } from '@/ui/Frame';

interface Props {
  readonly status: number;
  readonly title: string;
  readonly sentence: string;
}

export default function Problem({ status, title, sentence }: Props) {
  return (
    <Frame title={title}>
      <div className="mx-auto grid max-w-md gap-4 px-4 py-16">
        <p className="text-lg">{sentence}</p>
        <p className="text-faint">Status {status}</p>
        <p>
          <TextLink href="/nights">
            Back to your nights
          </TextLink>
        </p>
      </div>
    </Frame>
  );
}

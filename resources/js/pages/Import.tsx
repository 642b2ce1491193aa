import { router } from '@inertiajs/react';
import { useState } from 'react';
import { get, postText, type Answer } from '@/lib/http';
import type { ImportChange } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Frame } from '@/ui/Frame';
import { Panel } from '@/ui/Panel';

interface Preview {
  readonly format: string;
  readonly changes: readonly ImportChange[];
}

/** A long document is taken in by and by. */
interface Progress {
  readonly import: number;
  readonly done: number;
  readonly total: number;
}

const LOOK_EVERY_MS = 500;

/** Sends a document, and asks how far it is until there is an answer. */
async function bring(url: string, document: string, onProgress: (progress: Progress) => void): Promise<Answer<Preview>> {
  let answer = await postText<Preview | Progress>(url, document);
  while (answer.kind === 'answered' && 'import' in answer.value) {
    onProgress(answer.value);
    await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
    answer = await get<Preview | Progress>(`/imports/${answer.value.import}`);
  }
  return answer as Answer<Preview>;
}

const ACTIONS = { new: 'New', changed: 'Changed', removed: 'Removed', same: 'Already there, the same' } as const;

export default function Import() {
  const [text, setText] = useState('');
  const [answer, setAnswer] = useState<Answer<Preview> | null>(null);
  const [taken, setTaken] = useState(false);
  const [progress, setProgress] = useState<Progress | null>(null);
  const ask = async (url: string, document: string) => {
    const next = await bring(url, document, setProgress);
    setProgress(null);
    setAnswer(next);
    setTaken(url === '/import' && next.kind === 'answered');
  };
  return (
    <Frame title="Import">
      <div className="mx-auto grid w-full max-w-4xl gap-5 px-4 py-8">
        <Panel title="A bag, a place or a night from a file" id="file">
          <p>Kaddle shows what would change before anything does. It takes a document as a whole or not at all, and knows again what it has seen before: nothing is doubled.</p>
          <label className="grid gap-1">
            <span className="text-sm font-medium">JSON file that Kaddle wrote</span>
            <input
              type="file"
              accept="application/json,.json"
              className="min-h-10 w-full min-w-0 file:mr-3 file:min-h-10 file:rounded-md file:border file:border-edge file:bg-raised file:px-3.5 file:font-medium file:text-ink"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file === undefined) return;
                void file.text().then((document) => {
                  setText(document);
                  return ask('/import/preview', document);
                });
              }}
            />
          </label>
          <p className="flex flex-wrap gap-x-5">
            <span>Form of such files, as JSON Schema:</span>
            {['bag', 'place', 'night'].map((kind) => (
              <a key={kind} href={`/schema/kaddle-${kind}`} className="font-medium underline underline-offset-4">
                {kind}
              </a>
            ))}
          </p>
        </Panel>
        <div role="status" aria-live="polite" className="grid gap-5 empty:hidden">
          {progress !== null && (
            <Panel title="A long document" id="progress">
              <p>{progress.total === 0 ? 'It is being read.' : `${progress.done} of ${progress.total} records.`} You can leave this page open; nothing is stored by halves.</p>
              {progress.total > 0 && <progress aria-label="Records" className="w-full accent-ink" max={progress.total} value={progress.done} />}
            </Panel>
          )}
          {progress === null && answer?.kind === 'answered' && taken && <Taken preview={answer.value} />}
          {progress === null && answer?.kind === 'answered' && !taken && (
            <Panel title="What would change" id="changes">
              <Changes changes={answer.value.changes} />
              <Button
                look="main"
                className="justify-self-start"
                disabled={answer.value.changes.every((change) => change.action === 'same')}
                onClick={() => {
                  void ask('/import', text);
                }}
              >
                Take it
              </Button>
            </Panel>
          )}
          {answer?.kind === 'refused' && <Refusal faults={Object.entries(answer.faults)} />}
          {answer?.kind === 'failed' && <p className="border-l-4 border-alarm bg-alarm-wash px-4 py-3 font-medium">{answer.sentence}</p>}
        </div>
      </div>
    </Frame>
  );
}

function Taken({ preview }: { readonly preview: Preview }) {
  const room = { 'kaddle-bag': ['/bag', 'bag'], 'kaddle-place': ['/places', 'places'], 'kaddle-night': ['/nights', 'nights'] }[preview.format] ?? ['/nights', 'nights'];
  return (
    <Panel title="Taken" id="taken">
      <p>{preview.changes.filter((change) => change.action !== 'same').length} records are new or changed.</p>
      <Button
        className="justify-self-start"
        onClick={() => {
          router.get(room[0] ?? '/nights');
        }}
      >
        Go to your {room[1]}
      </Button>
    </Panel>
  );
}

function Changes({ changes }: { readonly changes: readonly ImportChange[] }) {
  return (Object.keys(ACTIONS) as (keyof typeof ACTIONS)[]).map((action) => {
    const those = changes.filter((change) => change.action === action);
    if (those.length === 0) return null;
    return (
      <div key={action} className="grid gap-1">
        <h3 className={`font-semibold ${action === 'removed' ? 'text-alarm' : ''}`}>
          {ACTIONS[action]}: {those.length}
        </h3>
        {[...new Set(those.map((change) => change.what))].map((what) => (
          <p key={what}>
            <span className="text-faint">{what}:</span>{' '}
            {those
              .filter((change) => change.what === what)
              .map((change) => change.name)
              .join(', ')}
          </p>
        ))}
      </div>
    );
  });
}

function Refusal({ faults }: { readonly faults: readonly (readonly [string, string | undefined])[] }) {
  return (
    <Panel title="This cannot be taken" id="refusal">
      <p>Nothing was stored. {faults.length === 1 ? 'One thing is' : `${faults.length} things are`} wrong with it:</p>
      <ul className="grid gap-1">
        {faults.slice(0, 100).map(([field, sentence]) => (
          <li key={field}>
            {field !== 'page' && <code className="mr-2 rounded bg-sunk px-1">{field}</code>}
            {sentence}
          </li>
        ))}
      </ul>
    </Panel>
  );
}

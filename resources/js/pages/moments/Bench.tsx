import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { LevelScale } from '@/charts/LevelScale';
import { PlanView } from '@/features/bench/drawings/PlanView';
import { Section } from '@/features/bench/drawings/Section';
import { Aims } from '@/features/bench/advice/Aims';
import { AnswerBar } from '@/features/bench/advice/AnswerBar';
import { HeadInputs } from '@/features/bench/controls/HeadInputs';
import { History, NotStored } from '@/features/bench/controls/History';
import { Inputs } from '@/features/bench/controls/Inputs';
import { LimitList } from '@/features/bench/advice/LimitList';
import { GroupPart } from '@/features/bench/advice/GroupPart';
import { OtherHold } from '@/features/bench/advice/OtherHold';
import { Offers } from '@/features/bench/advice/Offers';
import { Settings } from '@/features/bench/controls/Settings';
import { Steppers } from '@/features/bench/controls/Steppers';
import { Split } from '@/features/bench/advice/Split';
import { useMoves } from '@/features/bench/drawings/useMoves';
import { useSession } from '@/features/bench/session/useSession';
import { Ground } from '@/features/bench/stage/Ground';
import { Help } from '@/features/bench/stage/Help';
import { Neighbours } from '@/features/bench/stage/Neighbours';
import { Stage } from '@/features/bench/stage/Stage';
import { useSize } from '@/features/bench/stage/useSize';
import { Verdict } from '@/features/bench/advice/Verdict';
import { Why } from '@/features/bench/advice/Why';
import { later } from '@/lib/later';
import type { Form } from '@/lib/shape';
import { keptThings, type BenchData, type HeadAim, type LocksDraft, type MomentDraft } from '@/types/generated';
import { Frame } from '@/ui/Frame';
import { Warnings } from '@/ui/Warnings';

// What the stage shows is fetched after the page; all but the room wait for an answer of their own in any case.
const ColourPart = later(() => import('@/features/bench/advice/ColourPart').then((module) => module.ColourPart));
const Compare = later(() => import('@/features/bench/advice/Compare').then((module) => module.Compare));
const DragPart = later(() => import('@/features/bench/drag/DragPart').then((module) => module.DragPart));
const Costs = later(() => import('@/features/bench/advice/Costs').then((module) => module.Costs));
const PicturePart = later(() => import('@/features/bench/picture/PicturePart').then((module) => module.PicturePart));
const WhoSets = later(() => import('@/features/bench/advice/WhoSets').then((module) => module.WhoSets));

export default function Bench({ bench, dragForm }: { readonly bench: BenchData; readonly dragForm: Form }) {
  const [state, session, asking] = useSession(bench);
  const { draft, solution, drag, faults, trouble, answered } = state;
  const { change, ahead, watchDrag, early } = session;
  const allFaults = useMemo(() => (state.storing.kind === 'refused' ? { ...faults, ...state.storing.faults } : faults), [faults, state.storing]);
  // People are told in the plan, so nothing on this page shows what is wrong with them.
  const ofPlan = Object.entries(allFaults).find(([field]) => field.startsWith('people.'))?.[1];
  const moves = useMoves(change, ahead);
  const chooseHead = useCallback(
    (head: HeadAim) => {
      change((before) => ({ ...before, head, pointing: head === 'by-hand' ? before.pointing : null }));
    },
    [change],
  );
  const kept = useMemo(
    () => (draft.look.keep === null || solution.kept === null ? null : { name: capital(keptThings[draft.look.keep.what]), level: solution.kept }),
    [draft.look.keep, solution.kept],
  );
  const settings = useMemo(
    () => ({ shutter: solution.shutter.label, aperture: solution.aperture.label, iso: solution.iso.label }),
    [solution.shutter.label, solution.aperture.label, solution.iso.label],
  );
  const hold = useCallback(
    (locks: Partial<LocksDraft>) => {
      change(held(locks));
    },
    [change],
  );
  const nearHolds = useCallback(
    (next: readonly Partial<LocksDraft>[]) => {
      ahead(next.map(held));
    },
    [ahead],
  );
  const [pins, setPins] = useState(bench.pins);
  const refused = Object.keys(faults).length > 0;
  const isOff = solution.head.aim === 'off';
  const size = useSize();
  return (
    <Frame
      fills
      title={draft.name}
      path={[
        { label: 'Nights', href: '/nights' },
        { label: bench.night.name, href: `/nights/${bench.night.id}` },
      ]}
      actions={<History state={state} session={session} />}
    >
      <Ground
        size={size}
        parts={{
          inputs: <Inputs bench={bench} draft={draft} faults={allFaults} onChange={change} settings={settings} isOff={isOff} ahead={ahead} />,
          steppers: <Steppers draft={draft} glow={solution.glow} faults={allFaults} onChange={change} />,
          stage: (
            <Stage
              faults={allFaults}
              beside={
                <div className="flex items-center">
                  <Neighbours neighbours={bench.neighbours} />
                  <Help />
                </div>
              }
              views={{
                room: (
                  <div>
                    <Section section={solution.section} levels={solution.levels} roomName={bench.roomName} scenery={state.stored.scenery} onMove={moves} />
                    <PlanView section={solution.section} scenery={state.stored.scenery} onMove={moves} />
                  </div>
                ),
                picture: <View><PicturePart asking={asking} solution={solution} answered={answered} early={early} draft={draft} faults={allFaults} onChange={change} /></View>,
                drag: <View><DragPart asking={asking} form={dragForm} drag={drag} levels={solution.levels} draft={draft} faults={allFaults} onChange={change} onWatch={watchDrag} isOff={isOff} /></View>,
                costs: <View><Costs asking={asking} draft={draft} /></View>,
                meter: <View>{isOff ? <p>The flash is off: nobody has to set its output.</p> : <WhoSets asking={asking} draft={draft} faults={allFaults} onChange={change} />}</View>,
                colour: <View><ColourPart asking={asking} draft={draft} faults={allFaults} onChange={change} /></View>,
                beside: <View><Compare asking={asking} draft={draft} solution={solution} pins={pins} onPins={setPins} onTake={change} /></View>,
              }}
            />
          ),
          settings: (
            <>
              <NotStored state={state} session={session} />
              {trouble !== null && (
                <p role="alert" className="mx-4 border-l-4 border-alarm bg-alarm-wash px-4 py-3 font-medium">
                  {trouble}
                </p>
              )}
              {refused && (
                <p role="status" className="mx-4 border-l-4 border-alarm bg-alarm-wash px-4 py-3 font-medium">
                  {ofPlan === undefined ? 'A field on the page is out of range;' : `${ofPlan} The group stands in the plan;`} what you see is the last answer that could be given.
                </p>
              )}
              <Settings solution={solution} stale={refused || trouble !== null} busy={!answered} isFolded={size === 'phone'} locks={draft.look.locks} faults={allFaults} onHold={hold} onNear={nearHolds} />
              {size === 'phone' && <Verdict solution={solution} />}
            </>
          ),
          advice: (
            <div className="grid grid-cols-1 content-start gap-5">
              <div className="grid gap-4 empty:hidden">
                {size !== 'phone' && <Verdict solution={solution} />}
                <Offers offers={solution.offers} draft={draft} faults={allFaults} onChange={change} />
                <OtherHold other={solution.otherHold} draft={draft} onChange={change} />
                <GroupPart group={solution.group} />
                <LimitList solution={solution} />
              </div>
              <div className="grid gap-2 empty:hidden">
                <Warnings rules={bench.rules} cautions={bench.cautions} />
              </div>
              <div className="grid grid-cols-1 gap-3">
                <h2 className="text-lg">What the picture will show, in stops</h2>
                <LevelScale levels={solution.levels} kept={kept} />
                <Split split={solution.split} />
              </div>
              {!isOff && (
                <div className="grid grid-cols-1 gap-3">
                  <Aims aims={solution.aims} inUse={solution.head.aim} onChoose={chooseHead} />
                  <HeadInputs head={draft.head} pointing={draft.pointing} zoom={draft.zoom} inUse={solution.head} zoomInUse={solution.zoom} faults={allFaults} onChange={change} ahead={ahead} />
                </div>
              )}
              <aside>
                <Why reasons={solution.reasons} />
              </aside>
            </div>
          ),
        }}
      />
      <AnswerBar solution={solution} />
    </Frame>
  );
}

function View({ children }: { readonly children: ReactNode }) {
  return <div className="px-4 pb-4">{children}</div>;
}

function held(locks: Partial<LocksDraft>) {
  return (before: MomentDraft): MomentDraft => ({ ...before, look: { ...before.look, locks: { ...before.look.locks, ...locks } } });
}

/** What stands before "and", to begin a row with: lamps and their shades would not fit. */
function capital(words: string): string {
  const first = words.split(' and ')[0] ?? words;
  return first.charAt(0).toUpperCase() + first.slice(1);
}

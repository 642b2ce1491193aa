// Written by `php artisan types:write` from the PHP data classes. Do not edit.

export type AskKind = 'lamp-trails' | 'trail-behind' | 'crowd-away' | 'silhouette' | 'glow-behind';

export type AskPart = 'room-level' | 'output' | 'trail-length' | 'trail-seen' | 'second-curtain' | 'face-clean' | 'lamps' | 'lamps-seen' | 'hands-turn' | 'hands-hold' | 'crowd-gone' | 'couple-sharp' | 'ground' | 'person-dark' | 'rim';

export type CameraMoveKind = 'still' | 'twist' | 'sweep' | 'tilt' | 'zoom';

export type ChangeKind = 'dimmed' | 'late' | 'moved' | 'ceiling' | 'unit-gone' | 'lens-gone' | 'no-flash';

export type Clock = '24' | '12';

export type ColourWish = 'neutral-face' | 'match-room' | 'warm-room' | 'cool-night';

export type Control = 'shutter' | 'aperture' | 'iso' | 'output' | 'head' | 'flash' | 'curtain' | 'balance' | 'modifier' | 'gel' | 'lens' | 'unit' | 'body';

export type CureKind = 'output' | 'less-room' | 'shorter' | 'darker-place' | 'darker-ground';

export type Curtain = 'first' | 'second';

export type Face = 'ceiling' | 'floor' | 'back' | 'far' | 'right' | 'left';

export type Favour = 'fewest-turns' | 'best-files' | 'quick-flash';

export type FigureKind = 'person' | 'decor';

export type Finish = 'white-plaster' | 'limewash' | 'cream-paint' | 'sailcloth' | 'pale-oak' | 'oak-boards' | 'dark-timber' | 'stone-flags' | 'concrete' | 'red-brick' | 'sage-paint' | 'navy-paint' | 'wine-drape' | 'black-drape' | 'night-window' | 'grass' | 'wet-cobbles' | 'open';

export type GhostVerdict = 'clean' | 'soft-edge' | 'ghost' | 'eaten';

export type GroupPlace = 'front-middle' | 'front-end' | 'back-middle' | 'back-end';

export type HeadAim = 'up' | 'up-forward' | 'up-back' | 'back-left' | 'back-right' | 'left' | 'right' | 'card' | 'direct' | 'by-hand' | 'off';

export type Hold = 'background' | 'face';

export type KeptThing = 'candles' | 'lamps' | 'window' | 'stage' | 'cloth';

export type LampBeat = 'even' | 'filament' | 'mains' | 'pulsed';

export type LampKind = 'spots' | 'downlights' | 'globes' | 'chandelier' | 'uplights' | 'candles' | 'side-windows' | 'stage';

export type LengthUnit = 'metres' | 'feet';

export type Limit = 'hand-held' | 'sync' | 'longest-time' | 'fastest-shutter' | 'widest-aperture' | 'narrowest-aperture' | 'working-aperture' | 'usable-iso' | 'base-iso' | 'room-level' | 'face-level' | 'quarter-output' | 'held' | 'night' | 'group-depth' | 'movers' | 'weakest-flash' | 'no-flash' | 'full-output' | 'lowest-output';

export type MarkKind = 'sync' | 'hold' | 'blur' | 'even' | 'depth' | 'best' | 'usable' | 'easy';

export type Movement = 'still' | 'talk' | 'walk' | 'procession' | 'slow-dance' | 'dance' | 'spin' | 'jump';

export type OfferKind = 'density' | 'high-speed';

export type PieceKind = 'body' | 'lens' | 'flash' | 'modifier' | 'gel' | 'battery';

export type RayKind = 'axis' | 'fan' | 'return';

export type ReadingKind = 'incident' | 'dome' | 'metered' | 'frame';

export type ReadingOf = 'room' | 'people' | 'behind';

export type ReadyLook = 'still-in-crowd' | 'twist' | 'sweep-along' | 'zoom' | 'drawn-lights' | 'day-for-night' | 'silhouette' | 'rim';

export type RidgeWay = 'along' | 'across';

export type School = 'shutter-first' | 'iso-floats' | 'long-time' | 'free-hand';

export type ShortfallKind = 'room-too-dark' | 'room-too-bright' | 'flash-too-weak' | 'flash-too-strong' | 'face-too-bright' | 'smeared' | 'shaky';

export type Step = 'third' | 'half' | 'tenth' | 'whole';

export type TrailShape = 'dot' | 'line' | 'arc' | 'ray' | 'hook';

/** Who is signed in, and how they are told things. */
export interface AccountData {
  readonly name: string;
  readonly email: string;
  readonly unit: LengthUnit;
  readonly clock: Clock;
}

/** One way to point the head, and what it would take. */
export interface AimDocument {
  readonly aim: HeadAim;
  readonly label: string;
  /** What the fingers do. */
  readonly instruction: string;
  /** Degrees from the way the camera looks, positive to the left; null straight at the face. */
  readonly turn: number | null;
  /** Degrees up from level; null straight at the face. */
  readonly tilt: number | null;
  /** Output the face asks for, stops against full power; null when no light gets there. */
  readonly wantedOutput: number | null;
  /** The nearest that the unit gives. */
  readonly output: string;
  /** Stops that the unit lacks; null when no output would be enough. */
  readonly lacking: number | null;
  /** Light from above against light on the face, stops; null when there is none. */
  readonly crownOverFace: number | null;
  /** Light from the left against light from the right, stops. */
  readonly leftOverRight: number | null;
  /** Flash on the backdrop against the room's glow there, stops; null when there is none. */
  readonly spillOverGlow: number | null;
  /** Tint from paint, mired; above 0 is warmer than the flash. */
  readonly cast: number;
  /** How large the light looks from the face, degrees across; small is hard, large is soft. */
  readonly apparentSize: number;
  /** Clicks of output to turn from the way in use to this one; above 0 turns up. Null where the output is not the whole answer. */
  readonly clicks: number | null;
  /** Whether it is no way to light a face, by its verdict. */
  readonly leftOut: boolean;
  /** What speaks for and against it. */
  readonly verdict: string;
  /** Luminous exposure on the face by a full pop, lx·s. */
  readonly faceExposure: number;
}

export interface AskDraft {
  /** Look. */
  readonly kind: AskKind;
  /** Tripod. */
  readonly tripod: boolean;
  /** Smear of the lamps, % of the frame. */
  readonly lamps: number;
  /** Length of the trail, heads. */
  readonly heads: number;
}

/** A thing that a look asks and the gear cannot give. */
export interface AskMissDocument {
  readonly part: AskPart;
  /** By which it is missed; null where no amount would do. */
  readonly stops: number | null;
  readonly sentence: string;
}

/** Settings for a look that was asked for, or what of it cannot be had. */
export interface AskedLookDocument {
  readonly kind: AskKind;
  /** Whether everything is met within a click. */
  readonly isMet: boolean;
  /** Whether it lives by a flash that the moment is taken without: its settings are the moment's own, and nothing is to be used. */
  readonly isRuledOut: boolean;
  readonly shutter: string;
  readonly aperture: string;
  readonly iso: string;
  /** "1/8", "off" */
  readonly output: string;
  readonly withoutFlash: boolean;
  readonly curtain: Curtain;
  readonly tripod: boolean;
  /** Degrees by which the camera is swept; 0 where it is not. */
  readonly angle: number;
  /** m to focus at. */
  readonly focus: number;
  /** What cannot be met, most stops first. */
  readonly misses: readonly AskMissDocument[];
  readonly sentence: string;
}

/** The music against the flash. */
export interface BeatsDocument {
  /** s from beat to beat. */
  readonly period: number;
  /** Every so many beats the unit is ready. */
  readonly every: number;
  /** Of the first eight beats, those that stay dark, counted from 1. */
  readonly lost: readonly number[];
  readonly sentence: string;
}

/** Everything the bench shows when it opens. */
export interface BenchData {
  readonly momentId: number;
  readonly night: NightData;
  /** The moments before and after it. */
  readonly neighbours: NeighboursData;
  readonly roomId: number;
  readonly roomName: string;
  /** Other moments in the same room, which a change of the room touches too. */
  readonly othersInRoom: number;
  readonly stored: BenchState;
  readonly solution: SolutionDocument;
  /** Settings that are kept, beside what is set. */
  readonly pins: readonly PinData[];
  readonly bodies: readonly BodyChoice[];
  readonly lenses: readonly LensChoice[];
  readonly flashUnits: readonly GearChoice[];
  readonly modifiers: readonly GearChoice[];
  readonly gels: readonly GearChoice[];
  /** What the curve of the room says for the middle of the moment, as stored. */
  readonly curve: CurveData;
  /** Where in the room the light on people was read. */
  readonly spots: readonly SpotData[];
  /** What the house forbids then. */
  readonly rules: readonly string[];
  /** What wants care. */
  readonly cautions: readonly string[];
}

/** A moment as it is stored now, and where its history stands. */
export interface BenchState {
  readonly draft: MomentDraft;
  /** What must be sent along to change it. */
  readonly revision: string;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** What gives the room its own light then. */
  readonly scenery: SceneryData;
}

/** A body to choose from, with what its meter can show. */
export interface BodyChoice {
  readonly gear: GearChoice;
  readonly step: Step;
  /** Slow to fast. */
  readonly shutters: readonly string[];
  /** Wide to narrow. */
  readonly apertures: readonly string[];
  /** Low to high. */
  readonly isos: readonly string[];
}

/** What decided where each control stands, in words. */
export interface BoundsDocument {
  readonly shutter: string;
  readonly aperture: string;
  readonly iso: string;
  readonly output: string;
}

export interface CameraDraft {
  /** Distance from the wall behind you, m. */
  readonly fromBackWall: number;
  /** Camera height, m. */
  readonly height: number;
}

/** A line of a card: a distance, a row of people or a ceiling, and the output that it asks for. */
export interface CardCellDocument {
  /** The distance or the height in words, with its unit. */
  readonly label: string;
  /** The same in m. */
  readonly metres: number;
  /** "1/16 +⅓" */
  readonly output: string;
  /** Clicks of output from where the card has it; above 0 turns up. */
  readonly clicks: number;
  /** The same as it is written: "+2". */
  readonly turn: string;
  /** Stops that the unit lacks at full power, above 0, or gives too much at its lowest, below 0; null where no light gets there. */
  readonly lack: number | null;
  /** The last in words; '' for 0. */
  readonly note: string;
}

/** What a person carries through a moment, beside its settings: what to turn, and what to say. */
export interface CardDocument {
  /** Identity of the moment. */
  readonly moment: string;
  /** "19:30" */
  readonly from: string;
  /** "second curtain: …"; '' where there is none to choose. */
  readonly curtain: string;
  /** Instead of all clicks, compensation that the flash must get when the unit meters for itself: "−⅔"; null where it cannot. */
  readonly compensation: string | null;
  /** Output by distance, nearest first; empty for a flash that is off, as are the two below. */
  readonly distances: readonly CardCellDocument[];
  /** First and last row of a group. */
  readonly rows: readonly CardCellDocument[];
  /** Under a pitched roof: as if the ceiling were level at so much. */
  readonly ceilings: readonly CardCellDocument[];
  /** The room darker and brighter than planned. */
  readonly rooms: readonly CardRoomDocument[];
  /** To the people in the picture. */
  readonly say: readonly string[];
}

/** What to turn when the room is not as bright as it was planned. */
export interface CardRoomDocument {
  /** Glow against the planned one, stops. */
  readonly stops: number;
  /** "Room 1 stop darker" */
  readonly label: string;
  /** From where the card stands: "ISO 3 up". */
  readonly turns: readonly string[];
  readonly feasible: boolean;
  /** What cannot be had even so; '' for nothing. */
  readonly short: string;
}

/** The cards of a night. */
export interface CardsData {
  readonly score: ScoreDocument;
  /** Name of the room of each bar. */
  readonly rooms: readonly string[];
}

/** The shadow of people on the wall behind them. */
export interface CastShadowDocument {
  /** Where its light comes from, m. */
  readonly from: readonly number[];
  /** m across that light. */
  readonly size: number;
  /** Of the flash on the wall that it lacks, 0 to 1. */
  readonly share: number;
}

/** Something that may turn out otherwise. */
export interface ChangeChoice {
  readonly what: ChangeKind;
  readonly name: string;
  /** Fields of its form. */
  readonly fields: readonly string[];
}

/** What may turn out otherwise in a night, and what was kept of it. */
export interface ChangeData {
  readonly kinds: readonly ChangeChoice[];
  /** Of the place. */
  readonly rooms: readonly Named[];
  /** Of the bag. */
  readonly lenses: readonly Named[];
  /** Of the bag. */
  readonly flashes: readonly Named[];
  /** What was kept last, in a sentence, while it can be taken back; null for nothing. */
  readonly kept: string | null;
}

/** A control that is turned, or a thing that is changed, on the way into a bar. */
export interface ChangeDocument {
  readonly control: Control;
  /** Above 0 is faster, narrower, higher, more; 0 for what has no clicks. */
  readonly clicks: number;
  /** What it costs, in turns of a wheel under a finger. */
  readonly turns: number;
  /** "ISO 3 up" */
  readonly label: string;
  /** What it would cost to leave it. */
  readonly why: string;
}

/** The score of a night in which one thing turned out otherwise; over it lies the one that was planned. */
export interface ChangedScore {
  /** "From 21:00 the light is 2 stops darker." */
  readonly sentence: string;
  readonly score: ScoreData;
}

/** Colours of face and background as the camera is set, and what other gels and white balances would make of them. */
export interface ColourDocument {
  /** White balance in use, K. */
  readonly balance: number;
  /** Its tint, thousandths of Duv. */
  readonly tint: number;
  /** Whether anybody knows the colour of the room's light. */
  readonly knowsRoom: boolean;
  /** Those whose colour is known. */
  readonly patches: readonly ColourPatchDocument[];
  /** Of the wishes that can be thought of here. */
  readonly plans: readonly ColourPlanDocument[];
}

/** One light, as it looks on white paper. */
export interface ColourPatchDocument {
  readonly name: string;
  /** "2700 K, 370 mired" */
  readonly light: string;
  /** "a little warm, +25 mired": as the body is set */
  readonly looks: string;
  /** As a colour of the page: "#ffb46b". */
  readonly tint: string;
}

/** A wish for the colours, with the gel and the white balance that come nearest. */
export interface ColourPlanDocument {
  readonly wish: ColourWish;
  readonly name: string;
  /** Whether the gels stay as they are; if not, all units carry the one that is told here. */
  readonly keepsGels: boolean;
  /** Which of the gels, by what the bag calls it; null for the bare head. */
  readonly gel: number | null;
  /** K */
  readonly balance: number;
  /** Thousandths of Duv. */
  readonly tint: number;
  readonly sentence: string;
}

/** One control: where to turn it, what decided that, and the clicks around it. */
export interface ControlDocument {
  /** As the gear shows it. */
  readonly label: string;
  /** The exact step: thirtieths of a stop on the control's own scale; 0 for a flash that is off. */
  readonly thirtieths: number;
  /** What decided it. */
  readonly bound: Limit;
  /** The same in words. */
  readonly boundInWords: string;
  /** The clicks around it, in the order in which the control turns; none for a flash that is off. */
  readonly ticks: readonly TickDocument[];
  /** The limits on its scale. */
  readonly marks: readonly MarkDocument[];
  /** Stops by which the room moves for each stop of it, 0 to 1. */
  readonly movesRoom: number;
  /** The same of the face. */
  readonly movesPerson: number;
}

/** How often a control is changed in a night. */
export interface ControlSumDocument {
  readonly control: Control;
  readonly name: string;
  readonly times: number;
  /** In all, either way; 0 for what has none. */
  readonly clicks: number;
}

/** One point of a curve of costs. */
export interface CostDocument {
  /** The new value in words, with its unit. */
  readonly label: string;
  /** The same as a number: m, mm, or a reflectance. */
  readonly value: number;
  /** Light on the face against before, stops; below 0 is darker. */
  readonly gain: number;
  /** Clicks of output that make up for it; above 0 turns up. */
  readonly clicks: number;
}

/** What a change of distance, ceiling, finish or zoom costs, with all settings left alone. Schema: costs.schema.json. */
export interface CostsDocument {
  /** Format of this document. */
  readonly version: number;
  /** The way the head points. */
  readonly aim: HeadAim;
  /** Nearest first. */
  readonly distances: readonly CostDocument[];
  /** The same for a head straight at the face, without what the room sends back. */
  readonly distancesDirect: readonly CostDocument[];
  /** Lowest first. */
  readonly ceilings: readonly CostDocument[];
  /** The face of the room that the finishes are for. */
  readonly finishedFace: Face;
  /** Darkest first. */
  readonly finishes: readonly CostDocument[];
  /** Wide to narrow. */
  readonly zooms: readonly CostDocument[];
  /** What twice the distance costs, direct and this way; '' where the room is too short for it. */
  readonly sentence: string;
}

/** People who pass while somebody stands. */
export interface CrowdDocument {
  /** % of the exposure for which each of them covers a place. */
  readonly covers: number;
  readonly sentence: string;
}

/** A way to a clean figure. */
export interface CureDocument {
  readonly kind: CureKind;
  readonly sentence: string;
  /** Clicks of the control, or of its size in the room. */
  readonly clicks: number;
  /** Stops of output that it takes more. */
  readonly moreOutput: number;
}

/** One curtain: what happens when, and where the smear comes to lie. */
export interface CurtainDocument {
  readonly curtain: Curtain;
  readonly sentence: string;
  /** s after the finger; null where no preflash measures. */
  readonly preflash: number | null;
  /** s after the finger. */
  readonly opens: number;
  readonly pops: number;
  readonly closes: number;
  /** % of the exposure that is over at the pop. */
  readonly share: number;
  /** Of the person, before the pop. */
  readonly before: SmearDocument;
  readonly after: SmearDocument;
  /** How far they have gone since the finger when the pop freezes them. */
  readonly late: SmearDocument;
}

/** What the curve of a room says for one time. */
export interface CurveData {
  /** By the clocks of the place: "19:30". */
  readonly at: string;
  /** EV at ISO 100 */
  readonly ev: number;
  /** Stops either way. */
  readonly doubt: number;
  /** K, of all light together. */
  readonly kelvin: number;
  /** Share of daylight, 0 to 1. */
  readonly daylight: number;
}

/** What the flash leaves dark at a shutter over sync speed. */
export interface DarkBarDocument {
  /** "1/400" */
  readonly shutter: string;
  /** Of the picture, 0 to 1. */
  readonly share: number;
  /** Whether it stands at the right, for a camera held upright; at the bottom if not. */
  readonly isAtRight: boolean;
}

export interface DialledDraft {
  /** Flash compensation on the body, stops. */
  readonly body: number;
  /** Exposure compensation on the body, stops. */
  readonly exposure: number;
}

/** A draft's answer, and what its long exposure looks like. */
export interface DragData {
  readonly solution: SolutionDocument;
  readonly drag: DragDocument;
}

/** What a long exposure of a moment looks like. Schema: drag.schema.json. */
export interface DragDocument {
  /** Format of this document. */
  readonly version: number;
  /** "1/4 s, f/8, ISO 200, 1/8" */
  readonly settings: string;
  /** s that the shutter is open. */
  readonly seconds: number;
  readonly ghost: GhostDocument;
  /** What cleans the figure, fewest clicks first. */
  readonly cures: readonly CureDocument[];
  readonly pop: PopDocument;
  /** By hands that hold still. */
  readonly shake: SmearDocument;
  readonly shakeSentence: string;
  /** In the order of the lamps. */
  readonly trails: readonly TrailDocument[];
  readonly flicker: FlickerDocument;
  /** First and second. */
  readonly curtains: readonly CurtainDocument[];
  /** With which the picture is taken. */
  readonly curtain: Curtain;
  readonly advice: string;
  readonly zone: ZoneDocument;
  /** null where nobody counts the beat. */
  readonly beats: BeatsDocument | null;
  /** null where nobody passes. */
  readonly crowd: CrowdDocument | null;
  readonly figure: FigureDocument;
  /** Empty for a camera that stays. Where things lay as the shutter opened: nine numbers for each even step of time, row by row, that take (x, y, 1) of the picture there, over the third of what comes out. */
  readonly before: readonly number[];
  /** The usual care. */
  readonly cautions: readonly string[];
  /** Looks to start from. */
  readonly looks: readonly ReadyLookDocument[];
  /** How sure the figures are. */
  readonly doubt: string;
}

export interface DragDraft {
  /** Movement. Left out, as the plan has it. */
  readonly movement: Movement | null;
  /** Speed, m/s. Left out, the usual one of the movement. */
  readonly speed: number | null;
  /** Way they go, °. As you see it: 0 across to the right, 90 towards you, 180 to the left, −90 away. */
  readonly heading: number;
  /** Tripod. */
  readonly tripod: boolean;
  /** Move of the camera. */
  readonly camera: CameraMoveKind;
  /** Angle of the move, °. Clockwise, to the right, or up. */
  readonly angle: number;
  /** Ratio of the zoom. Focal length at the end over that at the beginning. */
  readonly ratio: number;
  /** Time of the move, s. At the end of the exposure; left out, all of it. */
  readonly moveSeconds: number | null;
  /** Curtain. Left out, what is advised. */
  readonly curtain: Curtain | null;
  /** Time by hand, s. How long you hold the shutter open; left out, as it is set. */
  readonly seconds: number | null;
  /** Lamps behind. */
  readonly lamps: readonly LampDraft[];
  /** Speed of a crowd that passes, m/s. Across, behind or before them; left out, nobody passes. */
  readonly crowdSpeed: number | null;
  /** Beats a minute, beats a minute. Of the music. */
  readonly beats: number | null;
  /** Wireless flash. Fired from afar. */
  readonly wireless: boolean;
  /** Focus, m. Where the lens stands; left out, at the face. */
  readonly focus: number | null;
  /** Near end of the sharp zone, m. Without looking: for a camera held over heads or at the hip. */
  readonly zoneFrom: number | null;
  /** Far end of the sharp zone, m. */
  readonly zoneTo: number | null;
}

/** Level of the face, stops against correct, in a frame in which something has changed. */
export interface DriftDocument {
  readonly label: string;
  /** Output set by hand. */
  readonly manual: number;
  /** The meter left alone. */
  readonly metered: number;
  /** The meter with the compensation advised. */
  readonly compensated: number;
  /** Metered once with compensation, then kept. */
  readonly locked: number;
}

/** Batteries over a night, by flash unit. */
export interface EnergyData {
  readonly units: readonly UnitEnergy[];
}

/** What one moment takes out of the batteries. */
export interface EnergyRow {
  readonly name: string;
  /** Minutes since six in the morning. */
  readonly from: number;
  /** Minutes since six in the morning. */
  readonly until: number;
  readonly pops: number;
  /** In full pops. */
  readonly energy: number;
  /** s until ready again at the planned output, with a fresh set. */
  readonly recycle: number;
  /** The same where the set is lowest in this moment. */
  readonly tiredRecycle: number;
  /** s between frames as planned; null where none are. */
  readonly pause: number | null;
  /** Heat against what a head bears, 1 is the limit. */
  readonly heat: number;
  /** Times that a set runs out in it. */
  readonly changes: number;
  /** Sets that the night has drained by its end, part of the last included. */
  readonly drained: number;
  /** Whether frames come faster than the unit is ready. */
  readonly waits: boolean;
  readonly overheats: boolean;
}

export interface FaceGlowDraft {
  /** Light on the face over what is behind, stops. Before a bright window or a lit stage below 0, under a lamp above. */
  readonly over: number | null;
  /** Kind of lamps. Where nobody has measured: what rooms so lit usually have. */
  readonly lamps: LampKind | null;
  /** Light on the face, EV. At ISO 100. */
  readonly ev: number | null;
  /** Metered exposure. */
  readonly metered: MeteredDraft | null;
}

/** Something that a night can be good at. */
export interface FavourChoice {
  readonly favour: Favour;
  readonly name: string;
  readonly sentence: string;
}

/** The person as a cut-out of true size, and the way that it goes through the picture. */
export interface FigureDocument {
  /** Corners from the middle of the face, frame widths, as the shutter opens. */
  readonly outlineAcross: readonly number[];
  /** The same upwards. */
  readonly outlineUp: readonly number[];
  /** The face at even steps of time, frame widths to the right of the middle of the picture. */
  readonly across: readonly number[];
  /** The same upwards. */
  readonly up: readonly number[];
  /** Size against the outline at the same steps. */
  readonly scale: readonly number[];
  /** Radians that it is turned by, anticlockwise as seen. */
  readonly turn: readonly number[];
  /** Light of the room that it sends, over the whole exposure, as a ratio to mid-grey. */
  readonly room: number;
  /** Of the pop. */
  readonly pop: number;
}

export interface FinishesDraft {
  /** Finish of the ceiling. */
  readonly ceiling: Finish;
  /** Finish of the floor. */
  readonly floor: Finish;
  /** Finish of the wall behind you. */
  readonly back: Finish;
  /** Finish of the far wall. */
  readonly far: Finish;
  /** Finish of the right wall. */
  readonly right: Finish;
  /** Finish of the left wall. */
  readonly left: Finish;
}

/** What is left of the beat of lamps on the mains. */
export interface FlickerDocument {
  /** Beats from the first row to the last. */
  readonly bands: number;
  /** Stops from the brightest row to the darkest. */
  readonly across: number;
  /** Stops from the brightest frame to the darkest. */
  readonly between: number;
  readonly sentence: string;
}

/** A test frame. */
export interface FrameDocument {
  /** "1/64" */
  readonly output: string;
  /** Level of the face to expect, stops against correct. */
  readonly face: number;
}

/** A piece of gear to choose from. */
export interface GearChoice {
  readonly id: number;
  readonly name: string;
  /** Its figures in a line. */
  readonly figures: string;
}

/** What the room's light draws of the people who move. */
export interface GhostDocument {
  readonly verdict: GhostVerdict;
  readonly sentence: string;
  /** Stops that it lies under the frozen figure; null without room light. */
  readonly under: number | null;
  /** Stops against what lies behind; negative is darker; null before nothing. */
  readonly against: number | null;
  /** % of the light in the middle of the figure that comes from behind it. */
  readonly seenThrough: number;
  /** % of the light on them that is the room's. */
  readonly roomShare: number;
  /** % of the exposure for which a place in the trail is covered. */
  readonly covered: number;
  readonly smear: SmearDocument;
}

/** The glow of a room from noon to six in the morning, with what was measured there. */
export interface GlowCurveData {
  /** ISO 8601 date on which the evening begins. */
  readonly date: string;
  readonly zone: string;
  /** By the clocks of the place; null where the sun does not go down. */
  readonly sunset: string | null;
  /** A quarter of an hour apart. */
  readonly points: readonly CurveData[];
  /** Of all evenings. */
  readonly readings: readonly ReadingData[];
}

export interface GlowDraft {
  /** Glow, EV. At ISO 100. */
  readonly ev: number | null;
  /** Metered exposure. */
  readonly metered: MeteredDraft | null;
  /** From the room’s curve. */
  readonly curve: boolean | null;
}

/** Noise of the picture as it is looked at, Grain::SEEN pixels wide: variance over mid-grey, squared. */
export interface GrainDocument {
  /** For each unit of light over mid-grey. */
  readonly shot: number;
  /** Without any light. */
  readonly read: number;
}

/** A group, as light, depth and frame serve it. */
export interface GroupDocument {
  /** Empty for a flash that is off. */
  readonly places: readonly GroupPlaceDocument[];
  readonly sentences: readonly string[];
}

/** A face of a group. */
export interface GroupPlaceDocument {
  readonly place: GroupPlace;
  /** "last row, ends" */
  readonly name: string;
  /** Flash there against the first face, stops; the worse of two ends. */
  readonly fall: number;
  /** The face there by room and flash, stops against correct; null where no light arrives. */
  readonly face: number | null;
}

/** What an import does to one record. */
export interface ImportChange {
  /** "piece", "room", "place", "night" or "moment" */
  readonly what: string;
  readonly name: string;
  /** "new", "changed", "same" or "removed" */
  readonly action: string;
}

export interface KeepDraft {
  /** Brightest thing that must hold detail. */
  readonly what: KeptThing;
  /** Level of the thing to keep, EV. At ISO 100, of the thing itself: a flame with its candle, read from arm’s length, about EV 10; a window at dusk 7; a lit stage 9. */
  readonly ev: number | null;
  /** Metered exposure. */
  readonly metered: MeteredDraft | null;
}

/** What one way of lighting has to spare in one moment. */
export interface KitCellData {
  /** "bounced, Fast 35" */
  readonly way: string;
  readonly lens: string;
  /** Stops to spare; null where no light arrives. */
  readonly stops: number | null;
  /** Whether it cannot be had, rounding to clicks apart. */
  readonly short: boolean;
  /** What gives out first. */
  readonly bound: string;
  /** Way that the head points, in words. */
  readonly head: string;
}

/** The kit check of a night: moments by ways of lighting, and what would buy most. */
export interface KitData {
  readonly night: NightData;
  /** Columns of the whole table. */
  readonly ways: readonly string[];
  readonly rows: readonly KitRow[];
  /** For the whole night, the most useful first. */
  readonly purchases: readonly PurchaseData[];
  /** Moments that cannot be had with the bag. */
  readonly short: number;
  /** Moments that are not reckoned yet. */
  readonly pending: number;
}

/** A moment of the kit check. */
export interface KitRow {
  readonly momentId: number;
  readonly name: string;
  /** "19:30" */
  readonly startsAt: string;
  /** Ways that were tried; empty while it is not reckoned yet. */
  readonly cells: readonly KitCellData[];
  /** Place in the list of the cell with most to spare. */
  readonly best: number;
}

/** How a moment stands in the score: with what, and what is left of it. */
export interface KitStanding {
  readonly momentId: number;
  /** "Fast 35, at the left wall" */
  readonly with: string;
  /** "3 stops of output and 1.3 of ISO left"; of the stretch with least. */
  readonly left: string;
  /** Whether it cannot be had as wished. */
  readonly short: boolean;
}

/** A group of lamps, as a drawing shows it. */
export interface LampData {
  readonly name: string;
  /** lx that it gives the room at the time of the moment. */
  readonly lux: number;
  /** Share of full, 0 to 1. */
  readonly level: number;
  /** m from the floor; null where nobody said. */
  readonly hangs: number | null;
}

export interface LampDraft {
  /** Place to the right of the middle, m. */
  readonly across: number;
  /** Height over the lens, m. */
  readonly up: number;
  /** Distance from the lens, m. */
  readonly away: number;
  /** Level, EV. As a spot meter reads it at ISO 100: a bulb 12 to 15, a string of lights 9 to 11, a screen 7. */
  readonly ev: number;
  /** Size, mm. Through. */
  readonly size: number;
  /** Colour, K. 2000 for a candle, 2700 for a bulb, 5600 for daylight. */
  readonly kelvin: number;
  /** Speed to the right, m/s. Of the spot, for show lights. */
  readonly speedAcross: number;
  /** Speed upwards, m/s. */
  readonly speedUp: number;
  /** Beat of its light. */
  readonly beat: LampBeat;
}

/** A lens to choose from, with what can be set on it. */
export interface LensChoice {
  readonly gear: GearChoice;
  /** mm */
  readonly shortest: number;
  /** mm */
  readonly longest: number;
  /** Openings on a third-stop body, wide to narrow. */
  readonly thirds: readonly string[];
  /** Openings on a half-stop body, wide to narrow. */
  readonly halves: readonly string[];
}

/** What the picture will show, stops against correct; null where no light arrives at all. */
export interface LevelsDocument {
  /** What is behind by the room's own light, stops. */
  readonly room: number | null;
  /** The face by it, stops. */
  readonly faceRoom: number | null;
  /** The face by flash alone, stops. */
  readonly faceFlash: number | null;
  /** The face by both, stops. */
  readonly face: number | null;
  /** The far wall by flash alone, stops. */
  readonly spill: number | null;
  /** The far wall by both, stops. */
  readonly backdrop: number | null;
  /** Doubt about the room, stops either way. */
  readonly roomDoubt: number;
  /** Doubt about the face, stops either way. */
  readonly faceDoubt: number;
}

export interface LocksDraft {
  /** Held shutter. */
  readonly shutter: string | null;
  /** Held aperture. */
  readonly aperture: string | null;
  /** Held ISO. */
  readonly iso: string | null;
}

export interface LookDraft {
  /** Wish for the room, stops under metered. 0 as metered, 1 to 2 lets people stand out, more is drama. */
  readonly roomUnder: number;
  /** Aperture that you like here. */
  readonly aperture: string;
  /** Controls that are held. The others follow. */
  readonly locks: LocksDraft;
  /** School. Which controls follow. */
  readonly school: School;
  /** Light to keep. Overrules the wish for the room. */
  readonly keep: KeepDraft | null;
  /** Fill flash, stops under. Under correct, where the room lights the face already: 1 to open it, 2 for the eyes. */
  readonly fill: number;
  /** Neutral density, stops. Of a filter before the lens. */
  readonly nd: number;
  /** High-speed sync. The flash pulses through a shutter faster than sync speed. */
  readonly highSpeed: boolean;
  /** Without flash. By the light of the room alone: where the house forbids flash it is so anyway. */
  readonly withoutFlash: boolean;
  /** White balance, K. Of the body: 3200 for lamps, 5500 for the flash, 6500 under clouds. Left out, that of the bare flash. */
  readonly balance: number | null;
  /** Tint of the white balance, ‰ Duv. In thousandths of Duv: above 0 takes green out, as of paint or cheap lamps, below 0 takes pink out. 6 is plain to see. */
  readonly tint: number;
  /** Light that is held. Where the room lights faces otherwise than what is behind them. */
  readonly hold: Hold;
}

/** A limit on a control's scale. */
export interface MarkDocument {
  readonly kind: MarkKind;
  readonly sentence: string;
  /** Thirtieths of a stop from which on it is fine; null for no such end. */
  readonly from: number | null;
  /** Up to where. */
  readonly to: number | null;
  /** Single steps at which it is fine, where it is no range. */
  readonly at: readonly number[];
}

export interface MeteredDraft {
  /** Metered shutter time. */
  readonly shutter: string;
  /** Metered aperture. */
  readonly aperture: string;
  /** Metered ISO. */
  readonly iso: string;
}

export interface MomentDraft {
  /** Name. */
  readonly name: string;
  /** Start. */
  readonly startsAt: string;
  /** Room. */
  readonly room: RoomDraft;
  /** Planned lens only. Otherwise the score may have another lens of the night stay on, where that has this focal length too. */
  readonly ownLens: boolean;
  /** Camera. */
  readonly camera: CameraDraft;
  /** Subject. */
  readonly subject: SubjectDraft;
  /** Glow. As EV, as a metered exposure, or from the room’s curve. */
  readonly glow: GlowDraft;
  /** Room’s light on the face. Left out, the same light falls on face and background. */
  readonly onFace: FaceGlowDraft | null;
  /** Colour of the room’s light, K. Candles 1900, lamps 2700 to 3000, daylight 5500, dusk 8000. Left out, the room’s curve tells it where there is one. */
  readonly roomKelvin: number | null;
  /** Look. */
  readonly look: LookDraft;
  /** Head direction. Left out, the engine chooses. */
  readonly head: HeadAim | null;
  /** Angles of the head. Of a head that is turned by hand. */
  readonly pointing: PointingDraft | null;
  /** Zoom of the head, mm. Set by hand; left out, it follows the lens and the tilt. */
  readonly zoom: number | null;
  /** Compensations that are set already. */
  readonly dialled: DialledDraft;
  /** Drag. What moves while the shutter is open. */
  readonly drag: DragDraft | null;
  /** Body. */
  readonly bodyId: number;
  /** Lens. */
  readonly lensId: number;
  /** Flash unit. */
  readonly flashId: number;
  /** Outfit. */
  readonly outfit: OutfitDraft;
  /** Focal length, mm. */
  readonly focalLength: number;
}

/** A moment to go to. */
export interface MomentLink {
  readonly id: number;
  readonly name: string;
}

/** Something to choose by its identity. */
export interface Named {
  readonly uid: string;
  readonly name: string;
}

/** Where a moment stands in its night. */
export interface NeighboursData {
  /** Counted from 1. */
  readonly place: number;
  /** How many the night has. */
  readonly all: number;
  readonly before: MomentLink | null;
  readonly after: MomentLink | null;
}

/** A night in a list. */
export interface NightData {
  readonly id: number;
  readonly name: string;
  readonly venueId: number;
  readonly place: string;
  /** ISO 8601 date. */
  readonly heldOn: string;
  /** The date as people say it. */
  readonly heldOnInWords: string;
}

/** Help for a room that is brighter than sync speed allows, with its cost. */
export interface OfferDocument {
  readonly kind: OfferKind;
  /** Stops of neutral density; 0 for high-speed sync. */
  readonly density: number;
  readonly sentence: string;
  /** Whether room and face then come out as wished. */
  readonly reaches: boolean;
}

/** The other of two lights of the room, if that were held. */
export interface OtherHoldDocument {
  readonly hold: Hold;
  /** What it would give, and take. */
  readonly sentence: string;
}

export interface OutfitDraft {
  /** Number of units, units. Alike, side by side, fired together. */
  readonly units: number;
  /** Modifier. */
  readonly modifierId: number | null;
  /** Gel. */
  readonly gelId: number | null;
  /** Units with the gel, units. The others carry the other gel, or none. Leave it out where all carry the same. */
  readonly gelled: number | null;
  /** Gel of the other units. */
  readonly otherGelId: number | null;
}

/** The picture to expect, as geometry and light. The light of room and flash are two layers: a pixel is the layer of the room at the level of the room plus the layer of the flash at that of the flash on the face. */
export interface PictureDocument {
  readonly version: number;
  /** The lens: m along the room, from its right wall, and over the floor. */
  readonly eye: readonly number[];
  /** Where it looks, of length 1. */
  readonly forward: readonly number[];
  /** What lies to the right in the picture. */
  readonly right: readonly number[];
  /** What lies upwards in it. */
  readonly up: readonly number[];
  /** Half the picture’s width over the distance. */
  readonly half: number;
  /** Height of the picture over its width. */
  readonly aspect: number;
  readonly surfaces: readonly PictureSurfaceDocument[];
  /** Cut-outs, the farthest first. */
  readonly figures: readonly PictureFigureDocument[];
  readonly shiners: readonly PictureShinerDocument[];
  /** Half a cut-out of a person, m to the right of the face, from the crown down. */
  readonly outlineAcross: readonly number[];
  /** The same upwards. */
  readonly outlineUp: readonly number[];
  /** What the white balance makes of the room’s light: red, green, blue. */
  readonly roomTint: readonly number[];
  /** Of the light of the bare head. */
  readonly flashTint: readonly number[];
  readonly spots: readonly PictureSpotDocument[];
  /** Codes 0 to 255 of the tone curve for light that grows by the square from none to $brightest. */
  readonly tones: readonly number[];
  /** Lightest that it knows, over mid-grey. */
  readonly brightest: number;
  /** f-number that the disc of blur at f/1 is divided by. */
  readonly fNumber: number;
  /** Null where no shadow on the wall behind can be seen. */
  readonly shadow: CastShadowDocument | null;
  readonly grain: GrainDocument;
  /** What would stay dark at shutters over sync speed, slowest first; empty for a flash that pulses or is off. */
  readonly bars: readonly DarkBarDocument[];
  /** The picture as its spots tell it, for whoever does not see it. */
  readonly sentences: readonly string[];
}

/** A cut-out in the picture. */
export interface PictureFigureDocument {
  readonly kind: FigureKind;
  /** Whether the picture is of it; such figures move in a long exposure. */
  readonly isOfGroup: boolean;
  /** Whether it is the one that settings are made for. */
  readonly isSubject: boolean;
  /** The face, m. */
  readonly at: readonly number[];
  /** What the clothes send back over mid-grey. */
  readonly cloth: number;
  /** What the face does. */
  readonly face: number;
  /** The room’s light on it over that on what is behind the people. */
  readonly room: number;
  /** Light of the flash towards the camera over that on the face: red, green, blue. */
  readonly front: readonly number[];
  /** What comes from its sides as the camera sees them, from above and below, over that from the front. */
  readonly left: number;
  readonly right: number;
  readonly above: number;
  readonly below: number;
  /** Width of its blur at f/1, in widths of the picture. */
  readonly blur: number;
}

/** Something in the picture that shines. */
export interface PictureShinerDocument {
  readonly name: string;
  /** Its middle, m. */
  readonly at: readonly number[];
  /** m */
  readonly width: number;
  /** m; null for a round one. */
  readonly height: number | null;
  /** Over mid-grey in the room’s light. */
  readonly light: number;
  /** As the white balance shows it: red, green, blue. */
  readonly tint: readonly number[];
  /** Width of its blur at f/1, in widths of the picture. */
  readonly blur: number;
}

/** A place of the picture by its name. */
export interface PictureSpotDocument {
  readonly name: string;
  /** Widths of the picture to the right of its middle. */
  readonly across: number;
  /** The same upwards. */
  readonly up: number;
  /** What it sends of the room’s light over mid-grey, where that reads as metered. */
  readonly room: number;
  /** Of the flash, where that is correct on the face. */
  readonly flash: number;
}

/** A face of the room in the picture, or one slope of its ceiling. */
export interface PictureSurfaceDocument {
  readonly name: string;
  /** A corner, m. */
  readonly corner: readonly number[];
  /** From it, one side, m. */
  readonly along: readonly number[];
  /** The other. */
  readonly across: readonly number[];
  /** What it sends back over mid-grey: red, green, blue. */
  readonly tone: readonly number[];
  /** What shines through it, over mid-grey in the room’s light; 0 for a face that is there. */
  readonly shine: number;
  /** Places along the first side at which the light of the flash is told. */
  readonly columns: number;
  /** The same along the other. */
  readonly rows: number;
  /** That light in hundred-thousandths of the light on the face: red, green and blue of each place, along the first side, row by row along the other; empty for a flash that is off, and where nothing is sent back. */
  readonly flash: readonly number[];
}

/** A piece in the list of a bag. */
export interface PieceData {
  readonly id: number;
  readonly kind: PieceKind;
  readonly name: string;
  /** Its figures in a line. */
  readonly figures: string;
  /** Moments that are planned with it. */
  readonly uses: number;
  /** Whether it is put away: old nights keep it, new ones do not offer it. */
  readonly archived: boolean;
  /** Whether its last change can be taken back. */
  readonly canUndo: boolean;
}

/** Settings that were kept, beside what is set now. */
export interface PinData {
  readonly id: string;
  readonly shutter: string;
  readonly aperture: string;
  readonly iso: string;
  readonly output: string;
  readonly head: string;
  /** The face by room and flash, stops. */
  readonly face: number;
  /** The far wall by both, stops. */
  readonly backdrop: number;
  /** What to turn to get there from what is set now. */
  readonly turns: string;
  /** The draft that it answered, in the room as it is now. */
  readonly draft: MomentDraft;
}

/** A place in the room. */
export interface PointDocument {
  /** From the wall behind the camera, m. */
  readonly x: number;
  /** From the right wall, m. */
  readonly y: number;
  /** From the floor, m. */
  readonly z: number;
}

export interface PointingDraft {
  /** Turn of the head, °. Left is above 0. */
  readonly turn: number;
  /** Tilt of the head, °. Up from level. */
  readonly tilt: number;
}

/** A stretch of a face in the section, and how bright the beam makes it. */
export interface PoolDocument {
  readonly face: Face;
  readonly from: PointDocument;
  readonly to: PointDocument;
  /** Light thrown back here, stops against correct at the chosen settings; null for none. */
  readonly level: number | null;
  /** The same as a share of what can be drawn: 0 for six stops under and less, 1 for two over. */
  readonly strength: number;
}

/** What the pop itself smears. */
export interface PopDocument {
  /** s over half of its peak; null for pulses, and without flash. */
  readonly half: number | null;
  /** s over a tenth: the time that blurs; for pulses as long as the shutter is open. */
  readonly tenth: number;
  /** Whether the flash pulses. */
  readonly pulses: boolean;
  readonly bodies: SmearDocument;
  /** Of hands and skirts. */
  readonly hands: SmearDocument;
  readonly sentence: string;
}

/** Something that would buy stops. */
export interface PurchaseData {
  readonly label: string;
  /** Stops that the moment gains which gains most. */
  readonly most: number;
  /** The moment that gains most. */
  readonly moment: string;
  /** Moments that gain. */
  readonly helped: number;
  /** Moments that could be had with it and cannot now. */
  readonly rescued: number;
}

/** A ray to draw. */
export interface RayDocument {
  /** Axis of the beam, one of its fan, or the way from the pool to the face. */
  readonly kind: RayKind;
  /** From the head on. */
  readonly points: readonly PointDocument[];
}

/** A light reading beside the curve. */
export interface ReadingData {
  readonly spot: string;
  /** ISO 8601 date of the evening that it belongs to. */
  readonly date: string;
  /** By the clocks of the place: "19:30". */
  readonly at: string;
  /** EV at ISO 100 */
  readonly ev: number;
  readonly kind: ReadingKind;
  readonly of: ReadingOf;
  /** Stops over the curve that all others make, where it disagrees with them. */
  readonly odd: number | null;
}

/** A look to start from; what is null it leaves as it is. */
export interface ReadyLookDocument {
  readonly look: ReadyLook;
  /** "still couple in a moving crowd" */
  readonly name: string;
  readonly sentence: string;
  /** The look to ask for settings; null where a time is all it takes. */
  readonly ask: AskKind | null;
  /** Time to hold, as on the body. */
  readonly shutter: string | null;
  /** Stops under metered at which the room reads. */
  readonly roomUnder: number | null;
  readonly camera: CameraMoveKind | null;
  /** Degrees. */
  readonly angle: number | null;
  /** Of the focal lengths at end and beginning. */
  readonly ratio: number | null;
  readonly curtain: Curtain | null;
  readonly tripod: boolean | null;
  readonly movement: Movement | null;
  /** m/s of a crowd that passes. */
  readonly crowdSpeed: number | null;
}

/** One link in the chain of thought. */
export interface ReasonDocument {
  /** What it explains: room, on-face, shutter, aperture, iso, movement, head, output, backdrop, eyes or doubt. */
  readonly about: string;
  readonly sentence: string;
  /** The formula behind it, '' where it is a rule of the trade. */
  readonly formula: string;
}

/** Something that would help. */
export interface RemedyDocument {
  readonly sentence: string;
  /** What it is worth in stops; null when it turns nothing into something. */
  readonly stops: number | null;
}

export interface RoofDraft {
  /** Height of the ridge, m. The ceiling height is that of the eaves. */
  readonly ridge: number;
  /** Way the ridge runs. */
  readonly runs: RidgeWay;
}

export interface RoomDraft {
  /** Room length, m. Along your usual view. */
  readonly length: number;
  /** Room width, m. */
  readonly width: number;
  /** Ceiling height, m. */
  readonly height: number;
  /** Pitched roof. */
  readonly roof: RoofDraft | null;
  /** Finishes. */
  readonly finishes: FinishesDraft;
}

/** A room in the list of a venue. */
export interface RoomSummary {
  readonly id: number;
  readonly name: string;
  /** "26 m × 6.4 m, 3.1 m high" */
  readonly size: string;
  readonly ceiling: string;
  readonly readings: number;
  /** Moments that take place in it. */
  readonly uses: number;
}

/** What gives a room its own light, at the time of a moment. */
export interface SceneryData {
  readonly windows: readonly WindowData[];
  readonly lamps: readonly LampData[];
}

/** A moment of a solved night, or the part of one in which its settings stay. */
export interface ScoreBarDocument {
  /** Identity of the moment. */
  readonly moment: string;
  readonly name: string;
  /** "19:30" */
  readonly from: string;
  /** "20:20" */
  readonly until: string;
  /** Glow in the middle of it, EV at ISO 100. */
  readonly glow: number;
  /** m to the subject. */
  readonly distance: number;
  readonly feasible: boolean;
  /** What comes of settings that all stay where somebody left them; '' where they do not. */
  readonly held: string;
  readonly shutter: string;
  readonly aperture: string;
  readonly iso: string;
  /** "1/16 +⅓"; "off" without flash. */
  readonly output: string;
  /** Share of a full pop, 0 without flash. */
  readonly share: number;
  readonly head: string;
  /** Null where there is none to choose: without flash, and with one that pulses. */
  readonly curtain: Curtain | null;
  /** White balance: "3200 K, tint +4"; null where nobody has said one. */
  readonly balance: string | null;
  readonly body: string;
  readonly lens: string;
  /** The lens that was planned, where another of the night gives the same frame and is on; null where it is that. */
  readonly insteadOf: string | null;
  /** Of the lens, mm. */
  readonly focalLength: number;
  readonly flash: string;
  /** Over the head; null for the bare head. */
  readonly modifier: string | null;
  readonly gel: string | null;
  /** What decided them. */
  readonly bounds: BoundsDocument;
  readonly levels: LevelsDocument;
  /** What the room gives face and background, where that differs; '' where not. */
  readonly twoLights: string;
  /** On the way here from the bar before. */
  readonly changes: readonly ChangeDocument[];
  /** Empty when feasible. */
  readonly shortfalls: readonly ShortfallDocument[];
  /** What would help, most stops first. */
  readonly remedies: readonly RemedyDocument[];
}

/** A night as a score: what light there is, and what stands when. */
export interface ScoreData {
  readonly zone: string;
  /** Minutes since six in the morning; null where the sun does not go down. */
  readonly sunset: number | null;
  /** When civil twilight ends, in the same minutes; null where it does not get so dark. */
  readonly twilight: number | null;
  /** The sun from before the first moment until after the last. */
  readonly sun: readonly ScoreSun[];
  /** In time order. */
  readonly moments: readonly ScoreMoment[];
  /** What the house forbids, and when. */
  readonly rules: readonly ScoreRule[];
  /** Where the controls stand in each bar. */
  readonly places: readonly ScorePlaces[];
  readonly score: ScoreDocument;
  /** Heat of each unit against what its head bears, and sets to change. */
  readonly heat: readonly ScoreHeat[];
  /** Laid over it; null for nothing. */
  readonly other: ScoreOther | null;
}

/** A night solved as a whole. Schema: score.schema.json. */
export interface ScoreDocument {
  /** Format of this document. */
  readonly version: number;
  /** Edition of the engine that made it: another may answer otherwise. */
  readonly engine: number;
  /** What the night is to be good at. */
  readonly favour: Favour;
  /** What all changes cost, in turns of a wheel under a finger. */
  readonly turns: number;
  /** The same if every moment had the best settings for itself. */
  readonly turnsAlone: number;
  /** Turns, worse settings weighed in, by which another night may be cheaper at most: 0 where this is proven the best. */
  readonly mayBeCheaperBy: number;
  /** By control. */
  readonly sums: readonly ControlSumDocument[];
  /** In time order. */
  readonly bars: readonly ScoreBarDocument[];
  /** One for each bar, in the same order; empty where nobody asked for them. */
  readonly cards: readonly CardDocument[];
}

/** What a moment asks of its flash unit. */
export interface ScoreHeat {
  readonly unit: string;
  readonly moment: string;
  /** Minutes since six in the morning. */
  readonly from: number;
  /** Minutes since six in the morning. */
  readonly until: number;
  /** Against what the head bears, 1 is the limit. */
  readonly heat: number;
  /** Times that a set of batteries runs out in it. */
  readonly changes: number;
  /** Whether frames come faster than the unit is ready. */
  readonly waits: boolean;
}

/** A moment over the staffs of a score. */
export interface ScoreMoment {
  readonly id: number;
  readonly uid: string;
  readonly name: string;
  /** What a change of it must have seen. */
  readonly revision: string;
  /** Whether it is left out of the score. */
  readonly skipped: boolean;
  /** What is held where it stands. */
  readonly held: readonly Control[];
  /** Whether all of it stays as it stood. */
  readonly stays: boolean;
  /** Minutes since six in the morning. */
  readonly from: number;
  /** Minutes since six in the morning. */
  readonly until: number;
  readonly room: string;
  /** m */
  readonly ceiling: number;
  /** Whether there is nothing overhead. */
  readonly openAbove: boolean;
  /** m to the nearest subject. */
  readonly nearest: number;
  /** m to the farthest. */
  readonly farthest: number;
  /** Glow of its room while it lasts. */
  readonly points: readonly ScorePoint[];
  /** Of its room, at its hours. */
  readonly readings: readonly ScoreReading[];
  /** What wants care from here on, and did not in the moment before. */
  readonly cautions: readonly string[];
  /** Minutes since all before it were over, below 0 for an overlap; null for the first. */
  readonly gap: number | null;
}

/** Another score of the same evening, to be laid over it. */
export interface ScoreOther {
  readonly name: string;
  /** How they differ, in a sentence. */
  readonly sentence: string;
  /** Where the controls would stand in each bar. */
  readonly places: readonly ScorePlaces[];
}

/** Where the controls stand in a bar, in stops on their own scales. */
export interface ScorePlaces {
  /** Minutes since six in the morning. */
  readonly from: number;
  /** Minutes since six in the morning. */
  readonly until: number;
  /** Tv; above 0 is faster than a second. */
  readonly shutter: number;
  /** Av */
  readonly aperture: number;
  /** Stops over ISO 100. */
  readonly iso: number;
  /** Stops against full power; null for off. */
  readonly output: number | null;
  /** As cameras label them, by which they are held. */
  readonly shutterLabel: string;
  readonly apertureLabel: string;
  readonly isoLabel: string;
}

/** The glow of a room at a time. */
export interface ScorePoint {
  /** Minutes since six in the morning. */
  readonly at: number;
  /** At ISO 100. */
  readonly ev: number;
  /** Stops either way. */
  readonly doubt: number;
  /** K; null where nobody knows. */
  readonly kelvin: number | null;
  /** The same as a colour of the page. */
  readonly tint: string | null;
}

/** A light reading of the room of a moment, taken at an hour that it lasts through. */
export interface ScoreReading {
  /** Minutes since six in the morning. */
  readonly at: number;
  /** At ISO 100. */
  readonly ev: number;
  readonly spot: string;
}

/** Something that a house forbids, on the score. */
export interface ScoreRule {
  /** Minutes since six in the morning. */
  readonly from: number;
  /** Minutes since six in the morning. */
  readonly until: number;
  /** "no flash" */
  readonly name: string;
  readonly sentence: string;
}

/** Where the sun stands at a minute of a night. */
export interface ScoreSun {
  /** Minutes since six in the morning. */
  readonly at: number;
  /** Degrees over the horizon, below 0 under it. */
  readonly altitude: number;
}

/** Everything that a drawing of the room needs, in metres, from the scene that the engine used. */
export interface SectionDocument {
  /** m */
  readonly length: number;
  /** m */
  readonly width: number;
  /** To the ceiling or the eaves, m. */
  readonly height: number;
  /** To the highest point of the ceiling, m. */
  readonly highest: number;
  /** The ceiling in the section, back to far. */
  readonly ceiling: readonly PointDocument[];
  /** How the ridge of a pitched roof runs; null for a flat ceiling. */
  readonly ridge: RidgeWay | null;
  readonly camera: PointDocument;
  readonly head: PointDocument;
  /** Unit vector: where the head points. */
  readonly pointing: PointDocument;
  readonly face: PointDocument;
  /** Faces of the rows behind the first, as far as the room goes. */
  readonly rows: readonly PointDocument[];
  /** What stands behind the people, and how far behind. */
  readonly behind: PointDocument;
  readonly behindInWords: string;
  /** What stands behind the face: the place where the far wall's level is told. */
  readonly backdrop: PointDocument;
  /** Whether there is a ceiling at all. */
  readonly openAbove: boolean;
  readonly rays: readonly RayDocument[];
  readonly pools: readonly PoolDocument[];
}

/** Something that the gear cannot give here. */
export interface ShortfallDocument {
  readonly kind: ShortfallKind;
  /** By how many stops; null when no amount would do. */
  readonly stops: number | null;
  readonly sentence: string;
  /** What stands in the way. */
  readonly limits: readonly Limit[];
}

/** A length in the picture. */
export interface SmearDocument {
  /** % of the frame's width. */
  readonly percent: number;
  /** mm on the frame. */
  readonly mm: number;
  /** Pixels of the body. */
  readonly pixels: number;
}

/** A solution as it leaves the engine: the same for the page and for the shell. Schema: solution.schema.json. */
export interface SolutionDocument {
  /** Format of this document. */
  readonly version: number;
  /** Whether room and face come out as wished, within half a click. */
  readonly feasible: boolean;
  readonly shutter: ControlDocument;
  readonly aperture: ControlDocument;
  readonly iso: ControlDocument;
  readonly output: ControlDocument;
  /** m from the lens, where sharpness begins with the focus on the face. */
  readonly sharpFrom: number;
  /** m, where it ends; null when it does not. */
  readonly sharpTo: number | null;
  readonly head: AimDocument;
  readonly levels: LevelsDocument;
  readonly split: SplitDocument;
  /** Empty when feasible. */
  readonly shortfalls: readonly ShortfallDocument[];
  /** Most stops first. */
  readonly remedies: readonly RemedyDocument[];
  /** In the order of thought. */
  readonly reasons: readonly ReasonDocument[];
  /** Every way to point the head, least trouble first, then those that are none. */
  readonly aims: readonly AimDocument[];
  /** Help where the room is brighter than sync speed allows; empty where it is not. */
  readonly offers: readonly OfferDocument[];
  /** The group; null for one person. */
  readonly group: GroupDocument | null;
  /** If the other light of the room were held; null where the same falls on face and background. */
  readonly otherHold: OtherHoldDocument | null;
  /** Of the room, whichever way it is told: EV at ISO 100. */
  readonly glow: number;
  /** Stops at which a light that is kept reads, by itself; null where none is. */
  readonly kept: number | null;
  /** Where the zoom stands, mm at 36 mm x 24 mm. */
  readonly zoom: number;
  readonly section: SectionDocument;
}

/** How the flash reaches the face: shares of its light there, together 1 unless there is none. */
export interface SplitDocument {
  /** Straight from the head, 0 to 1. */
  readonly direct: number;
  /** By one reflection on the ceiling, 0 to 1. */
  readonly ceiling: number;
  /** By one reflection on a wall, 0 to 1. */
  readonly walls: number;
  /** By one reflection on the floor, 0 to 1. */
  readonly floor: number;
  /** By two reflections and more, 0 to 1. */
  readonly rest: number;
}

/** A spot of a room where somebody has read the light on people. */
export interface SpotData {
  readonly spot: string;
  /** Stops over what is behind them there. */
  readonly over: number;
  readonly sentence: string;
}

export interface SubjectDraft {
  /** Subject distance, m. */
  readonly distance: number;
  /** Height of the face, m. From the floor; lower where people sit. */
  readonly height: number;
}

/** One click of a control. */
export interface TickDocument {
  readonly label: string;
  /** Thirtieths of a stop on the control's own scale. */
  readonly thirtieths: number;
  /** What goes wrong there, in a word or two; null where nothing does. */
  readonly trouble: string | null;
}

/** A night in time order. */
export interface TimetableData {
  readonly night: NightData;
  readonly zone: string;
  /** By the clocks of the place; null where the sun does not go down. */
  readonly sunset: string | null;
  readonly rows: readonly TimetableRow[];
}

/** A moment in the timetable of its night. */
export interface TimetableRow {
  readonly id: number;
  readonly name: string;
  /** "19:30" */
  readonly startsAt: string;
  /** "20:20" */
  readonly endsAt: string;
  /** Minutes from six in the morning to its start. */
  readonly from: number;
  readonly minutes: number;
  /** Minutes since the last one that began before has ended; below 0 they overlap, null for the first. */
  readonly gap: number | null;
  readonly room: string;
  /** m */
  readonly ceiling: number;
  /** Whether there is nothing overhead. */
  readonly openAbove: boolean;
  /** m */
  readonly distance: number;
  /** EV at ISO 100 */
  readonly glow: number;
  /** Whether the room's curve tells the glow. */
  readonly fromCurve: boolean;
  /** Stops under metered at which the room should read. */
  readonly roomUnder: number;
  /** Shot notes; empty for none. */
  readonly notes: string;
  /** What the house forbids then. */
  readonly rules: readonly string[];
  /** What wants care. */
  readonly cautions: readonly string[];
  /** Whether it is left out of the score. */
  readonly skipped: boolean;
  /** Its bars in the score; null while the night is not solved yet. */
  readonly bars: readonly ScoreBarDocument[] | null;
}

/** What another ISO does to the batteries: a stop of it is a stop of output. */
export interface TradeDocument {
  /** "6400" */
  readonly iso: string;
  /** Whether it is what is set now. */
  readonly now: boolean;
  /** Whether the body has it and its owner still delivers it. */
  readonly usable: boolean;
  /** Stops of ISO more (above 0) or less than now. */
  readonly stops: number;
  /** What then keeps the room as it is: "shutter 1 stop faster"; '' for what is set now. */
  readonly turn: string;
  /** "1/32" */
  readonly output: string;
  /** s until ready again. */
  readonly recycle: number;
  /** Pops in a set. */
  readonly pops: number;
  /** Pops within ten minutes from which the head is hot. */
  readonly hotAfter: number;
}

/** What a lamp draws. */
export interface TrailDocument {
  readonly shape: TrailShape;
  readonly sentence: string;
  /** Places at even steps of time, in frame widths to the right of the middle. */
  readonly across: readonly number[];
  /** The same upwards. */
  readonly up: readonly number[];
  /** Light that each step of time adds on its way, as a ratio to mid-grey. */
  readonly lights: readonly number[];
  /** Frame widths of the lamp's image. */
  readonly spot: number;
  readonly length: SmearDocument;
  /** Stops against mid-grey in the middle of its way; null where it is endlessly dark. */
  readonly level: number | null;
  /** Stops against what lies behind. */
  readonly against: number | null;
  /** Whether a longer time makes it brighter. */
  readonly growsWithTime: boolean;
  /** Whether its core is white. */
  readonly isWhite: boolean;
  /** Linear red of its colour beside the flash, at luminance 1. */
  readonly red: number;
  readonly green: number;
  readonly blue: number;
  /** % of the frame from dash to dash; null where it draws through. */
  readonly dashes: number | null;
}

/** Batteries of one flash unit over a night. */
export interface UnitEnergy {
  readonly name: string;
  /** What feeds it; null where the bag does not say, and usual figures stand in. */
  readonly battery: string | null;
  /** Full pops in a set. */
  readonly fullPops: number;
  /** s until ready after a full pop. */
  readonly fullSeconds: number;
  readonly pops: number;
  /** In full pops. */
  readonly energy: number;
  /** Sets that the night drains. */
  readonly setsUsed: number;
  /** Cells or packs in a set. */
  readonly cells: number;
  /** What to carry for each unit, with a fifth to spare: "16 cells". */
  readonly carry: string;
  /** What the bag has of that kind; null where it does not say what feeds the unit. */
  readonly has: string | null;
  readonly isEnough: boolean;
  /** In time order. */
  readonly rows: readonly EnergyRow[];
}

/** A venue to choose from. */
export interface VenueChoice {
  readonly id: number;
  readonly name: string;
}

/** A venue in a list. */
export interface VenueData {
  readonly id: number;
  readonly name: string;
  readonly zone: string;
  readonly rooms: number;
  readonly nights: number;
}

export interface ViewDraft {
  /** Tilt of the camera, °. Upwards; at 0 the face stands on the upper third. */
  readonly tilt: number;
  /** Turn of the camera, °. To the right. */
  readonly turn: number;
  /** Upright. The long side of the frame stands. */
  readonly upright: boolean;
}

/** Who sets the output: by hand, by the meter, or metered once and kept. */
export interface WaysDocument {
  /** Format of this document. */
  readonly version: number;
  /** Output set by hand: "1/16". */
  readonly manual: string;
  /** Stops by which the meter would give the face more (above 0) or less than it should. */
  readonly error: number;
  /** Why, in a sentence. */
  readonly why: string;
  /** Compensation that the flash must get in all: "−⅔", "0". */
  readonly compensation: string;
  /** What of it to set on the unit, beside what is set on the body. */
  readonly onUnit: string;
  /** The sum, written out as this body counts it. */
  readonly sum: string;
  /** Whether compensation reaches; if not, manual is the way out. */
  readonly reaches: boolean;
  /** How near and far automatic reaches, and what to change where that is not enough. */
  readonly reach: string;
  /** What to do to meter once and keep it. */
  readonly lockSteps: readonly string[];
  /** The frame as planned first. */
  readonly drift: readonly DriftDocument[];
  /** What finding the output by test frames takes from the lowest output. */
  readonly frames: readonly FrameDocument[];
  /** Frames of those that the computed start saves. */
  readonly saved: number;
  /** ISO against batteries: a stop less, as set, a stop more. */
  readonly trades: readonly TradeDocument[];
}

/** A window, as a drawing shows it. */
export interface WindowData {
  readonly name: string;
  readonly wall: Face;
  /** lx that it gives the room at the time of the moment. */
  readonly lux: number;
}

/** What is sharp without looking. */
export interface ZoneDocument {
  /** m that the lens is focused at. */
  readonly focus: number;
  /** m from which all is sharp. */
  readonly near: number;
  /** m to which; null without end. */
  readonly far: number | null;
  /** m. */
  readonly hyperfocal: number;
  /** How far its ring is turned, 0 at endless to 1 at its near end. */
  readonly turn: number;
  /** m to set for the zone that is asked for; null where none is. */
  readonly set: number | null;
  /** The widest opening at which that zone is sharp; null where none is, or is enough. */
  readonly aperture: string | null;
  readonly sentence: string;
}

/** Fields of a moment, by path: label, hint; of numbers least, most, sensible step and unit, of texts the most letters. */
export const fields = {
    "name": {
        "label": "Name",
        "hint": "",
        "most": 80
    },
    "startsAt": {
        "label": "Start",
        "hint": ""
    },
    "room.length": {
        "label": "Room length",
        "hint": "Along your usual view.",
        "min": 2,
        "max": 200,
        "step": 0.1,
        "unit": "m"
    },
    "room.width": {
        "label": "Room width",
        "hint": "",
        "min": 2,
        "max": 200,
        "step": 0.1,
        "unit": "m"
    },
    "room.height": {
        "label": "Ceiling height",
        "hint": "",
        "min": 2,
        "max": 40,
        "step": 0.05,
        "unit": "m"
    },
    "room.roof.ridge": {
        "label": "Height of the ridge",
        "hint": "The ceiling height is that of the eaves.",
        "min": 2.1,
        "max": 40,
        "step": 0.05,
        "unit": "m"
    },
    "room.roof.runs": {
        "label": "Way the ridge runs",
        "hint": ""
    },
    "room.finishes.ceiling": {
        "label": "Finish of the ceiling",
        "hint": ""
    },
    "room.finishes.floor": {
        "label": "Finish of the floor",
        "hint": ""
    },
    "room.finishes.back": {
        "label": "Finish of the wall behind you",
        "hint": ""
    },
    "room.finishes.far": {
        "label": "Finish of the far wall",
        "hint": ""
    },
    "room.finishes.right": {
        "label": "Finish of the right wall",
        "hint": ""
    },
    "room.finishes.left": {
        "label": "Finish of the left wall",
        "hint": ""
    },
    "ownLens": {
        "label": "Planned lens only",
        "hint": "Otherwise the score may have another lens of the night stay on, where that has this focal length too."
    },
    "camera.fromBackWall": {
        "label": "Distance from the wall behind you",
        "hint": "",
        "min": 0.1,
        "max": 199,
        "step": 0.1,
        "unit": "m"
    },
    "camera.height": {
        "label": "Camera height",
        "hint": "",
        "min": 0.2,
        "max": 10,
        "step": 0.05,
        "unit": "m"
    },
    "subject.distance": {
        "label": "Subject distance",
        "hint": "",
        "min": 0.4,
        "max": 100,
        "step": 0.1,
        "unit": "m"
    },
    "subject.height": {
        "label": "Height of the face",
        "hint": "From the floor; lower where people sit.",
        "min": 0.2,
        "max": 10,
        "step": 0.05,
        "unit": "m"
    },
    "glow.ev": {
        "label": "Glow",
        "hint": "At ISO 100.",
        "min": -6,
        "max": 18,
        "step": 0.1,
        "unit": "EV"
    },
    "glow.metered.shutter": {
        "label": "Metered shutter time",
        "hint": "",
        "most": 12
    },
    "glow.metered.aperture": {
        "label": "Metered aperture",
        "hint": "",
        "most": 12
    },
    "glow.metered.iso": {
        "label": "Metered ISO",
        "hint": "",
        "most": 12
    },
    "glow.curve": {
        "label": "From the room’s curve",
        "hint": ""
    },
    "onFace.over": {
        "label": "Light on the face over what is behind",
        "hint": "Before a bright window or a lit stage below 0, under a lamp above.",
        "min": -12,
        "max": 8,
        "step": 0.3333333333333333,
        "unit": "stops"
    },
    "onFace.lamps": {
        "label": "Kind of lamps",
        "hint": "Where nobody has measured: what rooms so lit usually have."
    },
    "onFace.ev": {
        "label": "Light on the face",
        "hint": "At ISO 100.",
        "min": -6,
        "max": 18,
        "step": 0.1,
        "unit": "EV"
    },
    "onFace.metered.shutter": {
        "label": "Metered shutter time",
        "hint": "",
        "most": 12
    },
    "onFace.metered.aperture": {
        "label": "Metered aperture",
        "hint": "",
        "most": 12
    },
    "onFace.metered.iso": {
        "label": "Metered ISO",
        "hint": "",
        "most": 12
    },
    "roomKelvin": {
        "label": "Colour of the room’s light",
        "hint": "Candles 1900, lamps 2700 to 3000, daylight 5500, dusk 8000. Left out, the room’s curve tells it where there is one.",
        "min": 1700,
        "max": 25000,
        "step": 100,
        "unit": "K"
    },
    "look.roomUnder": {
        "label": "Wish for the room",
        "hint": "0 as metered, 1 to 2 lets people stand out, more is drama.",
        "min": -1,
        "max": 6,
        "step": 0.3333333333333333,
        "unit": "stops under metered"
    },
    "look.aperture": {
        "label": "Aperture that you like here",
        "hint": "",
        "most": 12
    },
    "look.locks.shutter": {
        "label": "Held shutter",
        "hint": "",
        "most": 12
    },
    "look.locks.aperture": {
        "label": "Held aperture",
        "hint": "",
        "most": 12
    },
    "look.locks.iso": {
        "label": "Held ISO",
        "hint": "",
        "most": 12
    },
    "look.school": {
        "label": "School",
        "hint": "Which controls follow."
    },
    "look.keep.what": {
        "label": "Brightest thing that must hold detail",
        "hint": ""
    },
    "look.keep.ev": {
        "label": "Level of the thing to keep",
        "hint": "At ISO 100, of the thing itself: a flame with its candle, read from arm’s length, about EV 10; a window at dusk 7; a lit stage 9.",
        "min": -6,
        "max": 18,
        "step": 0.1,
        "unit": "EV"
    },
    "look.keep.metered.shutter": {
        "label": "Metered shutter time",
        "hint": "",
        "most": 12
    },
    "look.keep.metered.aperture": {
        "label": "Metered aperture",
        "hint": "",
        "most": 12
    },
    "look.keep.metered.iso": {
        "label": "Metered ISO",
        "hint": "",
        "most": 12
    },
    "look.fill": {
        "label": "Fill flash",
        "hint": "Under correct, where the room lights the face already: 1 to open it, 2 for the eyes.",
        "min": 0,
        "max": 3,
        "step": 0.3333333333333333,
        "unit": "stops under"
    },
    "look.nd": {
        "label": "Neutral density",
        "hint": "Of a filter before the lens.",
        "min": 0,
        "max": 10,
        "step": 1,
        "unit": "stops"
    },
    "look.highSpeed": {
        "label": "High-speed sync",
        "hint": "The flash pulses through a shutter faster than sync speed."
    },
    "look.withoutFlash": {
        "label": "Without flash",
        "hint": "By the light of the room alone: where the house forbids flash it is so anyway."
    },
    "look.balance": {
        "label": "White balance",
        "hint": "Of the body: 3200 for lamps, 5500 for the flash, 6500 under clouds. Left out, that of the bare flash.",
        "min": 1700,
        "max": 25000,
        "step": 100,
        "unit": "K"
    },
    "look.tint": {
        "label": "Tint of the white balance",
        "hint": "In thousandths of Duv: above 0 takes green out, as of paint or cheap lamps, below 0 takes pink out. 6 is plain to see.",
        "min": -20,
        "max": 20,
        "step": 1,
        "unit": "‰ Duv"
    },
    "look.hold": {
        "label": "Light that is held",
        "hint": "Where the room lights faces otherwise than what is behind them."
    },
    "head": {
        "label": "Head direction",
        "hint": "Left out, the engine chooses."
    },
    "pointing.turn": {
        "label": "Turn of the head",
        "hint": "Left is above 0.",
        "min": -180,
        "max": 180,
        "step": 5,
        "unit": "°"
    },
    "pointing.tilt": {
        "label": "Tilt of the head",
        "hint": "Up from level.",
        "min": -15,
        "max": 90,
        "step": 5,
        "unit": "°"
    },
    "zoom": {
        "label": "Zoom of the head",
        "hint": "Set by hand; left out, it follows the lens and the tilt.",
        "min": 8,
        "max": 300,
        "step": 1,
        "unit": "mm"
    },
    "dialled.body": {
        "label": "Flash compensation on the body",
        "hint": "",
        "min": -3,
        "max": 3,
        "step": 0.3333333333333333,
        "unit": "stops"
    },
    "dialled.exposure": {
        "label": "Exposure compensation on the body",
        "hint": "",
        "min": -3,
        "max": 3,
        "step": 0.3333333333333333,
        "unit": "stops"
    },
    "bodyId": {
        "label": "Body",
        "hint": ""
    },
    "lensId": {
        "label": "Lens",
        "hint": ""
    },
    "flashId": {
        "label": "Flash unit",
        "hint": ""
    },
    "outfit.units": {
        "label": "Number of units",
        "hint": "Alike, side by side, fired together.",
        "min": 1,
        "max": 4,
        "step": 1,
        "unit": "units"
    },
    "outfit.modifierId": {
        "label": "Modifier",
        "hint": ""
    },
    "outfit.gelId": {
        "label": "Gel",
        "hint": ""
    },
    "outfit.gelled": {
        "label": "Units with the gel",
        "hint": "The others carry the other gel, or none. Leave it out where all carry the same.",
        "min": 1,
        "max": 4,
        "step": 1,
        "unit": "units"
    },
    "outfit.otherGelId": {
        "label": "Gel of the other units",
        "hint": ""
    },
    "focalLength": {
        "label": "Focal length",
        "hint": "",
        "min": 8,
        "max": 600,
        "step": 1,
        "unit": "mm"
    }
} as const;

/** Minutes after midnight at which one day of events ends and the next begins. */
export const turnOfTheDay = 360;

/** Figures with which the page begins or judges: EV of a light to keep, m from eaves to ridge, degrees of tilt up to which a head is turned, stops from which a drift wants mending. */
export const usual = {
    "keptEv": 10,
    "rise": 3,
    "steepestTurned": 75,
    "drift": 0.5
} as const;

/** Finishes in words, and where their reflectances come from. */
export const finishes = {
    "white-plaster": {
        "label": "white plaster",
        "source": "Reckoned with 84 %. Usual range 80 to 88 %: fresh white emulsion or gypsum; old and smoky ones lie lower."
    },
    "limewash": {
        "label": "limewash",
        "source": "Reckoned with 77 %. Usual range 70 to 80 %: limewash on masonry."
    },
    "cream-paint": {
        "label": "cream paint",
        "source": "Reckoned with 70 %. Usual range 65 to 75 %: cream and ivory wall paint."
    },
    "sailcloth": {
        "label": "sailcloth",
        "source": "Reckoned with 60 %. Usual range 50 to 65 %: unbleached canvas against a dark sky; some light goes through and is lost."
    },
    "pale-oak": {
        "label": "pale oak",
        "source": "Reckoned with 38 %. Usual range 30 to 45 %: light oak, birch, beech, oiled."
    },
    "oak-boards": {
        "label": "oak boards",
        "source": "Reckoned with 25 %. Usual range 20 to 30 %: oak floors after years of feet."
    },
    "dark-timber": {
        "label": "dark timber",
        "source": "Reckoned with 10 %. Usual range 6 to 15 %: stained or smoke-darkened beams and boards."
    },
    "stone-flags": {
        "label": "stone flags",
        "source": "Reckoned with 29 %. Usual range 20 to 40 %: grey sandstone and slate, dry."
    },
    "concrete": {
        "label": "concrete",
        "source": "Reckoned with 35 %. Usual range 25 to 45 %: fair-faced concrete."
    },
    "red-brick": {
        "label": "red brick",
        "source": "Reckoned with 22 %. Usual range 15 to 30 %: fired red brick without gloss."
    },
    "sage-paint": {
        "label": "sage paint",
        "source": "Reckoned with 41 %. Usual range 35 to 45 %: grey-green wall paint."
    },
    "navy-paint": {
        "label": "navy paint",
        "source": "Reckoned with 10 %. Usual range 7 to 14 %: dark blue wall paint."
    },
    "wine-drape": {
        "label": "wine-red drape",
        "source": "Reckoned with 7 %. Usual range 4 to 10 %: dark red velvet and wool, in folds."
    },
    "black-drape": {
        "label": "black drape",
        "source": "Reckoned with 4 %. Usual range 2 to 6 %: black stage cloth, in folds."
    },
    "night-window": {
        "label": "windows at night",
        "source": "Reckoned with 8 %. Usual range 7 to 12 %: two faces of a pane at some 4 % each, and the frame."
    },
    "grass": {
        "label": "grass",
        "source": "Reckoned with 9 %. Usual range 6 to 12 %: mown grass, seen by the eye."
    },
    "wet-cobbles": {
        "label": "wet cobbles",
        "source": "Reckoned with 8 %. Usual range 5 to 10 %: dark stone, wet; its gloss is left out."
    },
    "open": {
        "label": "open sky",
        "source": "Reckoned with 0 %. Nothing comes back."
    }
} as const;

/** Kinds of rooms to start from, with usual sizes (m) and finishes. */
export const roomKinds = {
    "function-room": {
        "label": "function room",
        "room": {
            "length": 14,
            "width": 8,
            "height": 2.8,
            "roof": null,
            "finishes": {
                "ceiling": "white-plaster",
                "floor": "oak-boards",
                "back": "cream-paint",
                "far": "cream-paint",
                "right": "cream-paint",
                "left": "cream-paint"
            }
        }
    },
    "long-hall": {
        "label": "long low hall",
        "room": {
            "length": 26,
            "width": 6.4,
            "height": 3.1,
            "roof": null,
            "finishes": {
                "ceiling": "limewash",
                "floor": "oak-boards",
                "back": "limewash",
                "far": "limewash",
                "right": "limewash",
                "left": "limewash"
            }
        }
    },
    "barn": {
        "label": "barn with a pitched roof",
        "room": {
            "length": 20,
            "width": 10,
            "height": 4,
            "roof": {
                "ridge": 8,
                "runs": "along"
            },
            "finishes": {
                "ceiling": "dark-timber",
                "floor": "oak-boards",
                "back": "dark-timber",
                "far": "dark-timber",
                "right": "dark-timber",
                "left": "dark-timber"
            }
        }
    },
    "marquee": {
        "label": "marquee",
        "room": {
            "length": 18,
            "width": 9,
            "height": 2.6,
            "roof": {
                "ridge": 5,
                "runs": "along"
            },
            "finishes": {
                "ceiling": "sailcloth",
                "floor": "grass",
                "back": "sailcloth",
                "far": "sailcloth",
                "right": "sailcloth",
                "left": "sailcloth"
            }
        }
    },
    "gallery": {
        "label": "white gallery",
        "room": {
            "length": 16,
            "width": 10,
            "height": 4.5,
            "roof": null,
            "finishes": {
                "ceiling": "white-plaster",
                "floor": "concrete",
                "back": "white-plaster",
                "far": "white-plaster",
                "right": "white-plaster",
                "left": "white-plaster"
            }
        }
    },
    "black-club": {
        "label": "black club",
        "room": {
            "length": 15,
            "width": 12,
            "height": 4,
            "roof": null,
            "finishes": {
                "ceiling": "black-drape",
                "floor": "black-drape",
                "back": "black-drape",
                "far": "black-drape",
                "right": "black-drape",
                "left": "black-drape"
            }
        }
    },
    "open-air": {
        "label": "open air",
        "room": {
            "length": 60,
            "width": 30,
            "height": 12,
            "roof": null,
            "finishes": {
                "ceiling": "open",
                "floor": "stone-flags",
                "back": "open",
                "far": "open",
                "right": "open",
                "left": "open"
            }
        }
    }
} as const;

/** Looks that can be asked for, in words. */
export const asks = {
    "lamp-trails": "lamps drawn by the camera, face clean",
    "trail-behind": "a trail behind them",
    "crowd-away": "crowd washed away, couple sharp",
    "silhouette": "silhouette",
    "glow-behind": "glow from behind"
} as const;

/** How much of them, as `fields`. */
export const askFields = {
    "kind": {
        "label": "Look",
        "hint": ""
    },
    "tripod": {
        "label": "Tripod",
        "hint": ""
    },
    "lamps": {
        "label": "Smear of the lamps",
        "hint": "",
        "min": 1,
        "max": 100,
        "step": 1,
        "unit": "% of the frame"
    },
    "heads": {
        "label": "Length of the trail",
        "hint": "",
        "min": 0.25,
        "max": 10,
        "step": 0.25,
        "unit": "heads"
    }
} as const;

/** How the camera is held for a picture, as `fields`. */
export const viewFields = {
    "tilt": {
        "label": "Tilt of the camera",
        "hint": "Upwards; at 0 the face stands on the upper third.",
        "min": -30,
        "max": 30,
        "step": 1,
        "unit": "°"
    },
    "turn": {
        "label": "Turn of the camera",
        "hint": "To the right.",
        "min": -45,
        "max": 45,
        "step": 1,
        "unit": "°"
    },
    "upright": {
        "label": "Upright",
        "hint": "The long side of the frame stands."
    }
} as const;

/** Fields of what turns out otherwise in a night, as `fields`. */
export const changeFields = {
    "what": {
        "label": "What turns out otherwise",
        "hint": ""
    },
    "from": {
        "label": "From",
        "hint": "Left out, from the beginning."
    },
    "until": {
        "label": "Until",
        "hint": "Left out, to the end."
    },
    "stops": {
        "label": "Stops",
        "hint": "Below 0 is darker.",
        "min": -8,
        "max": 8,
        "step": 0.5,
        "unit": "stops"
    },
    "minutes": {
        "label": "Minutes",
        "hint": "Below 0 is earlier.",
        "min": -480,
        "max": 480,
        "step": 5,
        "unit": "min"
    },
    "room": {
        "label": "Room",
        "hint": ""
    },
    "to": {
        "label": "Room instead",
        "hint": ""
    },
    "finish": {
        "label": "Ceiling",
        "hint": ""
    },
    "piece": {
        "label": "What is not there",
        "hint": ""
    },
    "other": {
        "label": "What takes its place",
        "hint": ""
    },
    "keepsPast": {
        "label": "What comes before",
        "hint": "Whether it stays as it stands now, or is solved anew with the rest."
    }
} as const;

/** Ways to point the head, in words. */
export const aims = {
    "up": "Straight up",
    "up-forward": "Up and forward",
    "up-back": "Up and back",
    "back-left": "Over the left shoulder",
    "back-right": "Over the right shoulder",
    "left": "Left wall",
    "right": "Right wall",
    "card": "Up with the card",
    "direct": "Straight at the face",
    "by-hand": "Turned by hand",
    "off": "Off"
} as const;

/** Schools, and what each holds still. */
export const schools = {
    "shutter-first": {
        "label": "Shutter first",
        "detail": "As slow as hands hold, faster only to spare the flash; ISO makes up the rest."
    },
    "iso-floats": {
        "label": "ISO floats",
        "detail": "Time and aperture stay from room to room, only ISO follows the light."
    },
    "long-time": {
        "label": "Low ISO, long time",
        "detail": "Lowest ISO, the shutter as long as the room asks: it smears where people move, the pop holds them."
    },
    "free-hand": {
        "label": "Free hand",
        "detail": "You set all three, the room reads as it comes, and only the output follows."
    }
} as const;

/** What lights rooms, in words. */
export const lampKinds = {
    "spots": "narrow downlights",
    "downlights": "wide downlights",
    "globes": "globes at head height",
    "chandelier": "one chandelier",
    "uplights": "uplights on the walls",
    "candles": "candles on tables",
    "side-windows": "windows at the side, by day",
    "stage": "a lit stage behind"
} as const;

/** White balances that bodies have ready, in words and K. */
export const balances = {
    "candles": {
        "label": "Candles",
        "kelvin": 1900
    },
    "lamps": {
        "label": "Lamps",
        "kelvin": 3200
    },
    "white-tubes": {
        "label": "White tubes",
        "kelvin": 4000
    },
    "sun": {
        "label": "Sun",
        "kelvin": 5200
    },
    "flash": {
        "label": "Flash",
        "kelvin": 5500
    },
    "clouds": {
        "label": "Clouds",
        "kelvin": 6500
    },
    "shade": {
        "label": "Shade",
        "kelvin": 7500
    }
} as const;

/** Lights that can be kept, in words. */
export const keptThings = {
    "candles": "candles",
    "lamps": "lamps and their shades",
    "window": "window and what is outside",
    "stage": "lit stage",
    "cloth": "white cloth"
} as const;

/** Patterns of nights to start from, in words. */
export const templates = {
    "evening-wedding": "evening wedding",
    "awards-dinner": "awards dinner",
    "club-night": "club night"
} as const;

/** Kinds of gear: one of it and several, in words. */
export const pieceKinds = {
    "body": {
        "one": "body",
        "many": "Bodies"
    },
    "lens": {
        "one": "lens",
        "many": "Lenses"
    },
    "flash": {
        "one": "flash",
        "many": "Flash units"
    },
    "modifier": {
        "one": "modifier",
        "many": "Modifiers"
    },
    "gel": {
        "one": "gel",
        "many": "Gels"
    },
    "battery": {
        "one": "batteries",
        "many": "Batteries"
    }
} as const;

/** What light readings are taken of, in words. */
export const readingsOf = {
    "room": "whole room",
    "people": "light on people",
    "behind": "brightness behind them"
} as const;

/** Ways to measure light, in words. */
export const readingKinds = {
    "incident": "incident meter",
    "dome": "domed meter",
    "metered": "camera meter",
    "frame": "from a frame"
} as const;

/** How the ridge of a pitched roof runs, in words. */
export const ridges = {
    "along": "along your view",
    "across": "across your view"
} as const;


import type { ComponentType, RefObject } from "react";
import type { HelpLine } from "../app/Help";
import type { JobView, Problem, Schemas } from "../app/api";
import type { Shortcuts } from "../app/shortcuts";
import type { PanelProps } from "../job/SettingForm";
import type { JobActions } from "../job/actions";
import type { Waiting } from "../job/useEntries";
import type { Hear, Send, SendEntry } from "../job/useJob";
import type { Listening } from "../job/useStationEar";

export type Station = Schemas["AdviceView"]["station"];

/** The panel that lies over the job; null when none does. */
export type Open =
  | "help"
  | "habit"
  | "target"
  | "ways"
  | "order"
  | "extras"
  | "close"
  | "instrument"
  | "agreed"
  | "log"
  | "day"
  | "play-off"
  | "device"
  | null;

/** What the ledger of a station is given: the left column of the page. */
export interface LedgerProps {
  job: JobView;
  send: Send;
  sendEntry: SendEntry;
  actions: JobActions;
  /** What kept the last move out, where it is told beside the ledger. */
  problem: Problem | null;
  string: number;
  onString: (string: number) => void;
  fields: RefObject<Map<number, HTMLInputElement>>;
  /** What was typed here, not taken, and waits in its row. */
  waiting: Waiting;
  /** Counts how often the station, or a series of it, was opened. */
  visit: number;
  /** The rows that were asked for, in their order; all where this is undefined. */
  asked: readonly number[] | undefined;
  listening: Listening;
  onOpen: (panel: Open) => void;
}

/** What a drawing of its own is given. */
export interface DrawingProps {
  job: JobView;
  send: Send;
  hear: Hear;
  /** No panel lies over the page: keys are the page's. */
  active: boolean;
}

/** What the form of a move that was made otherwise is given. */
export interface OtherProps {
  job: JobView;
  send: Send;
  actions: JobActions;
  working: boolean;
  onDone: () => void;
}

/** What a station adds to the next move. */
export interface AdviceProps {
  job: JobView;
  send: Send;
  actions: JobActions;
  working: boolean;
  refetch: () => void;
}

/** What keys of its own a station has on every page of the job. */
export interface KeyProps {
  job: JobView;
  actions: JobActions;
  open: (panel: Open) => void;
}

/** A station as the page sees it. Whoever adds one adds a folder, and a line in the registry. */
export interface StationRoom {
  station: Station;
  title: string;
  /** Leads to it: shifted, for a digit begins a reading. */
  key: string;
  /** The strings whose fields its ledger has, lowest first. */
  strings: (job: JobView) => readonly number[];
  Ledger: ComponentType<LedgerProps>;
  /** What takes the place of the section above; the section stays, where this is left out. */
  Drawing?: ComponentType<DrawingProps>;
  /** What is wanted; nothing to choose, where this is left out. */
  Target?: ComponentType<PanelProps>;
  /** How it is read; none where there is nothing to choose. */
  HowRead?: ComponentType<PanelProps>;
  /** What belongs to it besides. */
  More?: {
    title: (job: JobView) => string;
    help: string;
    Panel: ComponentType<PanelProps & { problem: Problem | null }>;
  };
  /** How the work is done here, whatever station is open. */
  Ways?: {
    title: string;
    link: string;
    has: (job: JobView) => boolean;
    Panel: ComponentType<PanelProps>;
  };
  /** A move that was made otherwise than advised. */
  Other: ComponentType<OtherProps>;
  /** Whether there is anything to move; there is, where this is left out. */
  movable?: (job: JobView) => boolean;
  /** Under the headline, while it is open or the next move is here. */
  Standing?: ComponentType<AdviceProps>;
  /** What the next move asks or waits for. */
  Question?: ComponentType<AdviceProps>;
  /** More answers to the next move. */
  Answers?: ComponentType<AdviceProps>;
  /** Where the cursor begins, as a selector, where fields belong to no string. */
  field?: string;
  /** Where the next move's question is answered, as a selector, where that is no reading. */
  question?: (job: JobView) => string | undefined;
  /** What is listened for here; nothing, where this is left out. */
  listens?: "notes" | "loudness";
  /** Whether its ledger tells what kept a move out; the next move does, where this is left out. */
  tellsProblems?: boolean;
  /** Readings in doubt. */
  doubts?: (job: JobView) => readonly { string: number; doubt?: Schemas["DoubtView"] }[];
  keys?: (given: KeyProps) => Shortcuts;
  help?: readonly HelpLine[];
}

// Made from the records of the server's API by ApiTypesTest; not edited by hand.

export interface ApplyFix {
  code: string;
  object: string;
  field: string;
  title: string;
}

export interface BenchText {
  to: string;
  trunk?: string;
  from: string;
  at: string;
  keys: string;
  phones: string[];
  switches: string[];
  agents: string[];
  waiting: string[];
}

export interface CallView {
  version: number;
  trace: TraceJson;
  caller: string;
  inWords: string;
  titles: string[];
}

export interface ClashView {
  object: string;
  title: string;
  field: string;
  was?: string;
  yours?: string;
  theirs?: string;
  account: string;
  at: string;
}

export interface CreateObject {
  object: string;
  body: unknown;
}

export interface Edited {
  version: number;
  says: string;
}

export interface FindingView {
  code: string;
  title: string;
  severity: string;
  object: string;
  field?: string;
  says: string;
  advice: string;
  calls: string[];
  witness?: BenchText;
  fixes: string[];
}

export interface JournalView {
  version: number;
  account: string;
  at: string;
  kind: string;
  says: string;
}

export interface NumberCall {
  number: NumberView;
  ending: TraceEnding;
  inWords: string;
}

export interface NumberView {
  number: string;
  shown: string;
  name: string;
  status: string;
  due?: string;
  trunk?: string;
}

export interface OutlineView {
  version: number;
  number: string;
  rows: RowView[];
}

export interface PartView {
  style: string;
  text: string;
  edit?: TokenView;
}

export interface PlaceView {
  object: string;
  field: string;
}

export interface RemoveObject {
  object: string;
  instead?: string | null;
}

export interface RowView {
  number: number;
  depth: number;
  earliest: number;
  latest: number;
  parts: PartView[];
  arrivals: string[];
  object?: string;
  asRow?: number;
  uses: number;
  field?: PlaceView;
  opens: boolean;
  findings: number;
}

export interface Section {
  kind: string;
  title: string;
  count: number;
}

export interface Session {
  name?: string;
}

export interface SetField {
  object: string;
  field: string;
  value?: unknown | null;
}

export interface SiteName {
  key: string;
  name: string;
}

export interface SiteView {
  key: string;
  name: string;
  country: string;
  timeZone: string;
  languages: string[];
  version: number;
  changes: number;
  undo?: string;
  redo?: string;
  now: string;
  ringSeconds: number;
  numbers: NumberView[];
  sections: Section[];
  findings: FindingView[];
  journal: JournalView[];
}

export interface Target {
  value: string;
  title: string;
  kind: string;
  number?: string;
}

export interface TokenView {
  object: string;
  field: string;
  type: string;
  value: string;
  help: string;
}

export interface TraceAfter {
  language: string;
  firstCalled?: string;
  tags: string[];
  channels: number;
  voiceChannels: number;
}

export interface TraceEnding {
  kind: string;
  in: string;
  by?: string;
  cause?: string;
  second: number;
}

export interface TraceHeard {
  from: number;
  to: number;
  sound: string;
  text: string;
}

export interface TraceJson {
  ending: TraceEnding;
  route: string | null;
  steps: TraceStep[];
  language: string;
}

export interface TraceStep {
  second: number;
  object: string;
  what: string;
  hears: TraceHeard[];
  why: TraceWhy[];
  exit: string;
  after: TraceAfter;
}

export interface TraceWhy {
  rule: string;
  held: boolean;
  because: string;
}

export interface UseView {
  object: string;
  title: string;
  field: string;
}

export interface Wish {
  set?: SetField | null;
  create?: CreateObject | null;
  remove?: RemoveObject | null;
  fix?: ApplyFix | null;
}

export interface Wishes {
  wishes: Wish[];
  version?: number | null;
  holes?: boolean | null;
}

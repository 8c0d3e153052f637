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

export interface CalendarView {
  events: EventView[];
  unread: UnreadView[];
}

export interface CallView {
  version: number;
  trace: TraceJson;
  caller: string;
  inWords: string;
  titles: string[];
}

export interface CellView {
  column: number;
  says: string;
}

export interface Choice {
  value: string;
  title: string;
  kind: string;
  number?: string;
}

export interface ClashView {
  object: string;
  title: string;
  field: string;
  where: string;
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

export interface Credentials {
  name?: string | null;
  password?: string | null;
}

export interface CutOver {
  version: number;
}

export interface DayView {
  date: string;
  stretches: StretchView[];
  edges: number[];
}

export interface DialledRow {
  dialled: string;
  leads: string;
  alike: number;
  may: boolean;
}

export interface Difference {
  notice: string;
  calling: string;
  at: string;
  when: string;
  caller?: string;
  choices: string[];
  before: string;
  after: string;
  bench?: BenchText;
}

export interface Edited {
  version: number;
  says: string;
}

export interface EventEdited {
  version: number;
  account: string;
  session: string;
  says: string;
  objects: string[];
}

export interface EventExamining {
  draft: boolean;
  version: number;
  done: number;
  of: number;
}

export interface EventHello {
  version: number;
  session: string;
}

export interface EventPeople {
  accounts: string[];
}

export interface EventSites {
  site: string;
}

export interface EventTold {
  version: number;
}

export interface EventView {
  line: number;
  title: string;
  words: string;
}

export interface FieldView {
  name: string;
  title: string;
  help: string;
  types: ('text' | 'words' | 'duration' | 'whole' | 'decimal' | 'flag' | 'list' | 'fields')[];
  allowed: string;
  chosen: boolean;
  strict: boolean;
  typed?: string;
  makes: string[];
  byKey: boolean;
  usual?: string;
  value: boolean;
  unit?: string;
  least?: number;
  most?: number;
  needed: boolean;
  fields: FieldView[];
  each?: FieldView;
  alone?: string;
}

export interface FindingView {
  code: string;
  title: string;
  severity: 'blocking' | 'warning' | 'hint';
  object: string;
  about: string;
  field?: string;
  says: string;
  advice: string;
  calls: string[];
  witness?: BenchText;
  fixes: string[];
  accepted?: string;
}

export interface FindingsView {
  version: number;
  current: boolean;
  done: number;
  of: number;
  findings: FindingView[];
}

export interface FreeNumber {
  block: string;
  number: string;
}

export interface FreshView {
  kind: string;
  key: string;
  body: unknown;
  asks: string[];
}

export interface GridColumn {
  object: string;
  kind: string;
  title: string;
  members: number;
}

export interface HolidayView {
  name: string;
  first: string;
  words: string;
}

export interface HolidaysView {
  country: string;
  countries: string[];
  regions: RegionView[];
  days: HolidayView[];
}

export interface HoursRow {
  object: string;
  title: string;
  zone?: string;
  states: StateView[];
  state: string;
  why: string;
  next?: Next;
  days: DayView[];
}

export interface Imported {
  version: number;
  added: number;
  changed: number;
  removed: number;
  noticed: Noticed;
}

export interface JournalView {
  version: number;
  account: string;
  at: string;
  kind: string;
  says: string;
  undone: boolean;
  noticed?: Noticed;
}

export interface KindView {
  kind: string;
  section: string;
  title: string;
  several: string;
  key: string;
  keys: 'words' | 'digits' | 'e164';
  single: boolean;
  passed: boolean;
  fields: FieldView[];
}

export interface LeadView {
  at: string;
  title: string;
  to: string;
}

export interface ListRow {
  object: string;
  key: string;
  title: string;
  number?: string;
  uses: number;
  cells: string[];
}

export interface ListView {
  version: number;
  total: number;
  from: number;
  rows: ListRow[];
}

export interface MayDial {
  version: number;
  service?: string;
  rows: DialledRow[];
}

export interface NewSite {
  sample?: string | null;
  key?: string | null;
  name?: string | null;
  timeZone?: string | null;
  country?: string | null;
  language?: string | null;
}

export interface Next {
  at: string;
  state: string;
}

export interface Noticed {
  says: string;
  count: number;
  first: Difference[];
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

export interface ObjectView {
  object: string;
  kind: string;
  key: string;
  title: string;
  number?: string;
  version: number;
  body: unknown;
  shown: Shown[];
  slots: SlotView[];
  uses: UseView[];
  current: boolean;
  findings: FindingView[];
}

export interface OutlineView {
  version: number;
  number: string;
  current: boolean;
  rows: RowView[];
}

export interface PartView {
  style: 'plain' | 'strong' | 'muted' | 'digits' | 'key' | 'answered' | 'message' | 'outside' | 'ended' | 'lost';
  text: string;
  edit?: TokenView;
}

export interface PeopleView {
  version: number;
  total: number;
  from: number;
  columns: GridColumn[];
  rows: PersonRow[];
  free: FreeNumber[];
}

export interface PersonRow {
  object: string;
  key: string;
  title: string;
  phones: string;
  then: string;
  cells: CellView[];
}

export interface PlaceView {
  object: string;
  field: string;
}

export interface PositionView {
  position: string;
  leads: LeadView[];
}

export interface PositionsView {
  version: number;
  object: string;
  title: string;
  now: string;
  positions: PositionView[];
  decides: UseView[];
  numbers: ReachedBy[];
}

export interface Preview {
  says: string;
  noticed: Noticed;
}

export interface ReachedBy {
  number: string;
  shown: string;
  title: string;
  when: string;
  earliest: number;
  latest?: number;
}

export interface ReachedView {
  version: number;
  numbers: ReachedBy[];
  bench?: BenchText;
}

export interface RegionView {
  key: string;
  name: string;
}

export interface ReleaseView {
  number: number;
  version: number;
  account: string;
  at: string;
  digest: string;
}

export interface RemoveObject {
  object: string;
  instead?: string | null;
}

export interface RenameObject {
  object: string;
  key: string;
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
  entry?: string;
  adds?: PlaceView;
  opens: boolean;
  leftOut: number;
  findings: number;
  blocking: boolean;
}

export interface RuleView {
  said: string;
  state: string;
  seconds: number;
}

export interface RulesView {
  version: number;
  object: string;
  title: string;
  rules: RuleView[];
  year: DayView[];
  decides: UseView[];
  numbers: ReachedBy[];
  said: FindingView[];
}

export interface Sample {
  key: string;
  name: string;
  about: string;
}

export interface Section {
  kind: string;
  title: string;
  several: string;
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

export interface SetMember {
  object: string;
  extension: string;
  cell: string;
}

export interface Shown {
  at: string;
  text: string;
  object?: string;
}

export interface Since {
  at: string;
  account: string;
}

export interface SiteEventView {
  site: string;
  account: string;
  at: string;
  kind: string;
  says: string;
}

export interface SiteName {
  key: string;
  name: string;
  version: number;
  live?: number;
}

export interface SiteView {
  key: string;
  name: string;
  country: string;
  timeZone: string;
  languages: string[];
  release?: number;
  version: number;
  live?: ReleaseView;
  changes: number;
  undo?: string;
  redo?: string;
  now: string;
  ringSeconds: number;
  number?: string;
  sections: Section[];
}

export interface SlotView {
  at: string;
  role: string;
  missing: boolean;
}

export interface StateView {
  state: string;
  dated: boolean;
}

export interface StretchView {
  from: number;
  to: number;
  state: string;
  rule: number;
}

export interface SwitchRow {
  object: string;
  title: string;
  number?: string;
  positions: string[];
  now: string;
  since?: Since;
}

export interface TokenView {
  object: string;
  field: string;
  value: string;
}

export interface TraceAfter {
  language: string;
  firstCalled?: string;
  tags: string[];
  channels: number;
  voiceChannels: number;
}

export interface TraceEffect {
  second: number;
  object: string;
  what: string;
  says: string;
  heldBack?: string;
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
  effects: TraceEffect[];
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

export interface UnreadView {
  line: number;
  what: string;
  why: string;
}

export interface UseView {
  object: string;
  title: string;
  kind: string;
  field: string;
  at: string;
}

export interface WeekView {
  version: number;
  from: string;
  hours: HoursRow[];
  switches: SwitchRow[];
}

export interface Wish {
  set?: SetField | null;
  create?: CreateObject | null;
  rename?: RenameObject | null;
  remove?: RemoveObject | null;
  fix?: ApplyFix | null;
  member?: SetMember | null;
}

export interface Wishes {
  wishes: Wish[];
  version?: number | null;
  holes?: boolean | null;
}

export interface Would {
  says: string;
  wrong: boolean;
  place?: number;
  states?: unknown;
}

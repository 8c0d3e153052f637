// Made from the records of the server's API by ApiTypesTest; not edited by hand.

export interface Acceptance {
  secret?: string | null;
  name?: string | null;
  password?: string | null;
}

export interface Access {
  people: Person[];
  machines: Machine[];
  invitations: Invitation[];
  asksFactor: boolean;
  every: boolean;
}

export interface AdviceView {
  queue: boolean;
  allBusy: number;
  says: string;
  pays: number;
}

export interface AgentView {
  title: string;
  object?: string;
  rank: number;
  joinsAfter: number;
  byPhone: boolean;
  rings: Ring[];
  also: AlsoView[];
}

export interface AlsoView {
  object: string;
  title: string;
  rank: number;
  precedence: number;
  first?: boolean;
}

export interface ApplyFix {
  code: string;
  object: string;
  field: string;
  title: string;
}

export interface ArrivalView {
  id: number;
  digits: string;
  trunk: string;
  trunkTitle: string;
  times: number;
  last: string;
  means?: string;
  shown?: string;
  why: string;
  ours: boolean;
}

export interface ArrivalsView {
  version: number;
  arrivals: ArrivalView[];
}

export interface Arrived {
  trunk?: string | null;
  lines?: string | null;
}

export interface AsksFactor {
  asks: boolean;
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

export interface BlockView {
  from: string;
  to: string;
  use: string;
  note?: string;
  size: number;
  next?: string;
  used: UsedView[];
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

export interface CodeView {
  number: string;
  does: string;
  pin: boolean;
}

export interface Confirmed {
  password?: string | null;
  code?: string | null;
}

export interface CreateObject {
  object: string;
  body: unknown;
}

export interface Credentials {
  name?: string | null;
  password?: string | null;
  code?: string | null;
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

export interface DoneView {
  at: string;
  kind: string;
  account: string;
  address: string;
  says: string;
}

export interface Edited {
  version: number;
  says: string;
  plan?: SiteView;
}

export interface EndView {
  when: string;
  field: string;
  leads: string;
  given: boolean;
}

export interface EventEdited {
  site: string;
  version: number;
  account: string;
  session: string;
  says: string;
  objects: string[];
}

export interface EventExamining {
  site: string;
  draft: boolean;
  version: number;
  done: number;
  of: number;
}

export interface EventHello {
  site: string;
  version: number;
  session: string;
}

export interface EventPeople {
  site: string;
  accounts: string[];
}

export interface EventSites {
  site: string;
}

export interface EventTold {
  site: string;
  version: number;
}

export interface EventView {
  line: number;
  title: string;
  words: string;
}

export interface FactorOn {
  codes: string[];
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
  secret: boolean;
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

export interface GlanceCell {
  kind: string;
  says: string;
  way: string;
  bench: BenchText;
}

export interface GlanceColumn {
  state: string;
  at: string;
}

export interface GlanceNumber {
  number: string;
  shown: string;
  title: string;
  calls?: number;
}

export interface GlanceRow {
  numbers: GlanceNumber[];
  more: number;
  cells: GlanceCell[];
}

export interface GlanceView {
  version: number;
  hours?: string;
  columns: GlanceColumn[];
  total: number;
  rows: GlanceRow[];
  current: boolean;
  next: NextView[];
}

export interface GreetingView {
  reason: string;
  prompt: string;
  says: string;
}

export interface GridColumn {
  object: string;
  kind: string;
  title: string;
  members: number;
}

export interface GroupView {
  object: string;
  title: string;
  number?: string;
  together: boolean;
  order: string;
  shownAs?: string;
  seconds: number;
  leaves: string;
  moves: string;
  length: number;
  laps: number;
  members: RungView[];
  ends: EndView[];
  followed: boolean;
  calls?: number;
  advice?: AdviceView;
}

export interface GroupsView {
  version: number;
  total: number;
  groups: GroupView[];
}

export interface HeardView {
  from: number;
  to: number;
  sound: string;
  text: string;
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

export interface Invitation {
  id: number;
  says: string;
  every: boolean;
  rights: string[];
  madeBy: string;
  made: string;
  ends: string;
}

export interface Invited {
  secret: string;
}

export interface InvitedTo {
  site?: string;
  rights: string[];
  madeBy: string;
}

export interface ItemView {
  place: number;
  says: string;
  first: number;
  every?: number;
  at: boolean;
  on: boolean;
  holds?: string;
  here: boolean;
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

export interface KeyView {
  key: string;
  from: number;
  leads: string;
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
  each?: FieldView;
}

export interface LeadView {
  at: string;
  title: string;
  to: string;
}

export interface LeaveView {
  when: string;
  second?: number;
  leads: string;
}

export interface LineView {
  line: number;
  name: string;
  numbers: TypedNumber[];
  wrong?: string;
}

export interface Lines {
  wishes: Wish[];
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

export interface Machine {
  name: string;
  rights: string[];
  madeBy: string;
  made: string;
  ends: string;
  used?: string;
}

export interface MachineToken {
  token: string;
}

export interface MailboxView {
  object: string;
  title: string;
  number?: string;
  owners: string[];
  greetings: GreetingView[];
  sent: string;
  full?: number;
  longest?: string;
  operator?: string;
  numbers: ReachedBy[];
  followed: boolean;
  outside: boolean;
  inside: boolean;
  calls?: number;
  days?: number;
  nobodys: boolean;
  uses: UseView[];
}

export interface MayDial {
  version: number;
  service?: string;
  rows: DialledRow[];
}

export interface NewInvitation {
  says?: string | null;
  rights?: string[] | null;
  every?: boolean | null;
}

export interface NewMachine {
  name?: string | null;
  rights?: string[] | null;
  days?: number | null;
}

export interface NewPassword {
  current?: string | null;
  password?: string | null;
}

export interface NewRights {
  account?: string | null;
  rights?: string[] | null;
  every?: boolean | null;
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

export interface NextView {
  says: string;
  why: string;
  screen: string;
  object?: string;
  makes?: string;
}

export interface NoticeView {
  on: boolean;
  says: string;
  until?: string;
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
  arrives?: string;
  report?: string;
}

export interface NumberingView {
  version: number;
  blocks: BlockView[];
  outside: UsedView[];
  conflicts: FindingView[];
  total: number;
  current: boolean;
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

export interface OpenSession {
  session: string;
  begun: string;
  seen: string;
  address: string;
  browser: string;
  mine: boolean;
}

export interface OrderView {
  version: number;
  number?: string;
  ranks: RankView[];
  unmatched?: string;
  expected: boolean;
  current: boolean;
}

export interface OutlineView {
  version: number;
  number: string;
  current: boolean;
  rows: RowView[];
}

export interface Own {
  name: string;
  factor: boolean;
  codes: number;
  sessions: OpenSession[];
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

export interface Person {
  name: string;
  rights: string[];
  every: string[];
  factor: boolean;
  signedIn?: string;
  you: boolean;
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

export interface PointView {
  agents: number;
  level: number;
  meanWait?: number;
  abandons: number;
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

export interface RankView {
  object: string;
  title: string;
  called: string;
  caller: string;
  holds: string;
  leads: string;
  stands?: string;
  on: boolean;
  takes?: string;
  before: string[];
  share?: number;
  contacts: number;
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

export interface Ring {
  from: number;
  to: number;
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

export interface RungView {
  place: number;
  title: string;
  object?: string;
  after: number;
  key: boolean;
  able: boolean;
  stretches: Ring[];
  notes: string[];
}

export interface Sample {
  key: string;
  name: string;
  about: string;
}

export interface ScoreView {
  version: number;
  object: string;
  title: string;
  seconds: number;
  joining: number;
  hears: HeardView[];
  items: ItemView[];
  keys: KeyView[];
  agents: AgentView[];
  leaves: LeaveView[];
  together: TogetherView[];
  notice?: NoticeView;
  codes: CodeView[];
}

export interface Section {
  kind: string;
  title: string;
  several: string;
  count: number;
}

export interface Session {
  name?: string;
  mustChange: boolean;
  everySite: boolean;
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
  rights: string[];
}

export interface SlotView {
  at: string;
  role: string;
  missing: boolean;
}

export interface StaffView {
  version: number;
  calls?: number;
  handling: number;
  patience?: number;
  agents: number;
  target?: number;
  within: number;
  needed?: number;
  curve: PointView[];
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

export interface Taken {
  kept: number;
  matched: number;
  unread: string[];
}

export interface TogetherView {
  second: number;
  one: string;
  other: string;
  place: number;
}

export interface TokenView {
  object: string;
  field: string;
  value: string;
}

export interface Told {
  id: number;
  ours: boolean;
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

export interface Tried {
  against: string[][];
}

export interface TypedCallView {
  says?: string;
  bench?: BenchText;
}

export interface TypedNumber {
  number: string;
  shown: string;
  trunk?: string;
  arrives?: string;
  known: boolean;
  clash?: string;
}

export interface TypedView {
  lines: LineView[];
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

export interface UsedView {
  number: string;
  object: string;
  title: string;
  fits: boolean;
}

export interface VoicemailView {
  version: number;
  total: number;
  nobodys: number;
  unreached: number;
  current: boolean;
  mailboxes: MailboxView[];
}

export interface WantedFactor {
  secret: string;
  uri: string;
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
  once?: string | null;
}

export interface Would {
  says: string;
  wrong: boolean;
  place?: number;
  states?: unknown;
}

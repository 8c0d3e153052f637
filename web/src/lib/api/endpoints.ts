// Made from the server's controllers by ApiTypesTest; not edited by hand.

import { send } from './client';
import type {
  Acceptance,
  Access,
  ArrivalsView,
  Arrived,
  AsksFactor,
  CalendarView,
  CallView,
  Choice,
  Confirmed,
  Credentials,
  CutOver,
  DoneView,
  Edited,
  FactorOn,
  FindingsView,
  FreshView,
  GlanceView,
  GroupsView,
  HolidaysView,
  Imported,
  Invited,
  InvitedTo,
  JournalView,
  KindView,
  Lines,
  ListView,
  MachineToken,
  MayDial,
  NewInvitation,
  NewMachine,
  NewPassword,
  NewRights,
  NewSite,
  NumberCall,
  NumberingView,
  ObjectView,
  OrderView,
  OutlineView,
  Own,
  PeopleView,
  PositionsView,
  Preview,
  ReachedView,
  ReleaseView,
  RulesView,
  Sample,
  ScoreView,
  Session,
  SiteEventView,
  SiteName,
  SiteView,
  StaffView,
  Taken,
  Told,
  Tried,
  TypedCallView,
  TypedView,
  VoicemailView,
  WantedFactor,
  WeekView,
  Wishes,
  Would,
} from './types';

/** GET /api/account */
export function account(
  signal?: AbortSignal,
): Promise<Own> {
  return send('GET', `/account`, { signal });
}

/** POST /api/account/factor */
export function wantFactor(
  body: Confirmed,
  signal?: AbortSignal,
): Promise<WantedFactor> {
  return send('POST', `/account/factor`, { body, signal });
}

/** POST /api/account/factor/off */
export function factorOff(
  body: Confirmed,
  signal?: AbortSignal,
): Promise<void> {
  return send('POST', `/account/factor/off`, { body, signal });
}

/** POST /api/account/factor/on */
export function factorOn(
  body: Confirmed,
  signal?: AbortSignal,
): Promise<FactorOn> {
  return send('POST', `/account/factor/on`, { body, signal });
}

/** POST /api/account/password */
export function changePassword(
  body: NewPassword,
  signal?: AbortSignal,
): Promise<void> {
  return send('POST', `/account/password`, { body, signal });
}

/** DELETE /api/account/sessions/{session} */
export function endSession(
  session: string,
  signal?: AbortSignal,
): Promise<void> {
  return send('DELETE', `/account/sessions/${encodeURIComponent(session)}`, { signal });
}

/** POST /api/invitations/accepted */
export function acceptInvitation(
  body: Acceptance,
  signal?: AbortSignal,
): Promise<Session> {
  return send('POST', `/invitations/accepted`, { body, signal });
}

/** POST /api/invitations/looked-at */
export function invitation(
  body: Acceptance,
  signal?: AbortSignal,
): Promise<InvitedTo> {
  return send('POST', `/invitations/looked-at`, { body, signal });
}

/** GET /api/kinds */
export function kinds(
  signal?: AbortSignal,
): Promise<KindView[]> {
  return send('GET', `/kinds`, { signal });
}

/** GET /api/samples */
export function samples(
  signal?: AbortSignal,
): Promise<Sample[]> {
  return send('GET', `/samples`, { signal });
}

/** DELETE /api/session */
export function signOut(
  signal?: AbortSignal,
): Promise<void> {
  return send('DELETE', `/session`, { signal });
}

/** GET /api/session */
export function session(
  signal?: AbortSignal,
): Promise<Session> {
  return send('GET', `/session`, { signal });
}

/** POST /api/session */
export function signIn(
  body: Credentials,
  signal?: AbortSignal,
): Promise<Session> {
  return send('POST', `/session`, { body, signal });
}

/** GET /api/site-events */
export function siteEvents(
  signal?: AbortSignal,
): Promise<SiteEventView[]> {
  return send('GET', `/site-events`, { signal });
}

/** GET /api/sites */
export function sites(
  signal?: AbortSignal,
): Promise<SiteName[]> {
  return send('GET', `/sites`, { signal });
}

/** POST /api/sites */
export function makeSite(
  body: NewSite,
  signal?: AbortSignal,
): Promise<SiteName> {
  return send('POST', `/sites`, { body, signal });
}

/** POST /api/sites */
export function siteFromFile(
  body: string,
  signal?: AbortSignal,
): Promise<SiteName> {
  return send('POST', `/sites`, { body, signal });
}

/** DELETE /api/sites/{site} */
export function removeSite(
  site: string,
  signal?: AbortSignal,
): Promise<void> {
  return send('DELETE', `/sites/${encodeURIComponent(site)}`, { signal });
}

/** GET /api/sites/{site}/access */
export function access(
  site: string,
  signal?: AbortSignal,
): Promise<Access> {
  return send('GET', `/sites/${encodeURIComponent(site)}/access`, { signal });
}

/** GET /api/sites/{site}/access/done */
export function done(
  site: string,
  query: { account?: string; kind?: string; before?: string; most?: number } = {},
  signal?: AbortSignal,
): Promise<DoneView[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/access/done`, { query, signal });
}

/** GET /api/sites/{site}/access/done.csv */
export function doneAsCsv(
  site: string,
  query: { account?: string; kind?: string } = {},
  signal?: AbortSignal,
): Promise<string> {
  return send('GET', `/sites/${encodeURIComponent(site)}/access/done.csv`, { query, signal });
}

/** POST /api/sites/{site}/access/factor */
export function askFactor(
  site: string,
  body: AsksFactor,
  signal?: AbortSignal,
): Promise<void> {
  return send('POST', `/sites/${encodeURIComponent(site)}/access/factor`, { body, signal });
}

/** POST /api/sites/{site}/access/invitations */
export function invite(
  site: string,
  body: NewInvitation,
  signal?: AbortSignal,
): Promise<Invited> {
  return send('POST', `/sites/${encodeURIComponent(site)}/access/invitations`, { body, signal });
}

/** DELETE /api/sites/{site}/access/invitations/{id} */
export function takeInvitationBack(
  site: string,
  id: string,
  signal?: AbortSignal,
): Promise<void> {
  return send('DELETE', `/sites/${encodeURIComponent(site)}/access/invitations/${encodeURIComponent(id)}`, { signal });
}

/** POST /api/sites/{site}/access/machines */
export function makeMachine(
  site: string,
  body: NewMachine,
  signal?: AbortSignal,
): Promise<MachineToken> {
  return send('POST', `/sites/${encodeURIComponent(site)}/access/machines`, { body, signal });
}

/** DELETE /api/sites/{site}/access/machines/{name} */
export function endMachine(
  site: string,
  name: string,
  signal?: AbortSignal,
): Promise<void> {
  return send('DELETE', `/sites/${encodeURIComponent(site)}/access/machines/${encodeURIComponent(name)}`, { signal });
}

/** POST /api/sites/{site}/access/rights */
export function giveRights(
  site: string,
  body: NewRights,
  signal?: AbortSignal,
): Promise<void> {
  return send('POST', `/sites/${encodeURIComponent(site)}/access/rights`, { body, signal });
}

/** POST /api/sites/{site}/draft/cut-over */
export function cutOver(
  site: string,
  body: CutOver,
  signal?: AbortSignal,
): Promise<ReleaseView> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/cut-over`, { body, signal });
}

/** POST /api/sites/{site}/draft/edits */
export function edit(
  site: string,
  body: Wishes,
  signal?: AbortSignal,
): Promise<Edited> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/edits`, { body, signal });
}

/** POST /api/sites/{site}/draft/import */
export function importFile(
  site: string,
  body: string,
  query: { dry?: boolean } = {},
  signal?: AbortSignal,
): Promise<Imported> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/import`, { query, body, signal });
}

/** POST /api/sites/{site}/draft/preview */
export function preview(
  site: string,
  body: Wishes,
  signal?: AbortSignal,
): Promise<Preview> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/preview`, { body, signal });
}

/** POST /api/sites/{site}/draft/redo */
export function redo(
  site: string,
  query: { once?: string } = {},
  signal?: AbortSignal,
): Promise<Edited> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/redo`, { query, signal });
}

/** POST /api/sites/{site}/draft/tried */
export function tried(
  site: string,
  body: Lines,
  signal?: AbortSignal,
): Promise<Tried> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/tried`, { body, signal });
}

/** POST /api/sites/{site}/draft/undo */
export function undo(
  site: string,
  query: { version?: number; once?: string } = {},
  signal?: AbortSignal,
): Promise<Edited> {
  return send('POST', `/sites/${encodeURIComponent(site)}/draft/undo`, { query, signal });
}

/** GET /api/sites/{site}/{plan} */
export function plan(
  site: string,
  plan: string,
  signal?: AbortSignal,
): Promise<SiteView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}`, { signal });
}

/** GET /api/sites/{site}/{plan}/arrivals */
export function arrivals(
  site: string,
  plan: string,
  signal?: AbortSignal,
): Promise<ArrivalsView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/arrivals`, { signal });
}

/** POST /api/sites/{site}/{plan}/arrivals */
export function takeArrivals(
  site: string,
  plan: string,
  body: Arrived,
  signal?: AbortSignal,
): Promise<Taken> {
  return send('POST', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/arrivals`, { body, signal });
}

/** POST /api/sites/{site}/{plan}/arrivals/told */
export function tellArrival(
  site: string,
  plan: string,
  body: Told,
  signal?: AbortSignal,
): Promise<void> {
  return send('POST', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/arrivals/told`, { body, signal });
}

/** GET /api/sites/{site}/{plan}/choices */
export function choices(
  site: string,
  plan: string,
  query: { kind: string; at: string; find?: string },
  signal?: AbortSignal,
): Promise<Choice[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/choices`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/file */
export function planFile(
  site: string,
  plan: string,
  signal?: AbortSignal,
): Promise<string> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/file`, { signal });
}

/** GET /api/sites/{site}/{plan}/find */
export function find(
  site: string,
  plan: string,
  query: { find?: string; kind?: string } = {},
  signal?: AbortSignal,
): Promise<Choice[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/find`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/findings */
export function findings(
  site: string,
  plan: string,
  query: { wait?: number } = {},
  signal?: AbortSignal,
): Promise<FindingsView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/findings`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/fresh/{kind} */
export function fresh(
  site: string,
  plan: string,
  kind: string,
  query: { like?: string; name?: string } = {},
  signal?: AbortSignal,
): Promise<FreshView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/fresh/${encodeURIComponent(kind)}`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/glance */
export function glance(
  site: string,
  plan: string,
  query: { rows?: number } = {},
  signal?: AbortSignal,
): Promise<GlanceView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/glance`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/groups */
export function groups(
  site: string,
  plan: string,
  query: { find?: string; from?: number; rows?: number } = {},
  signal?: AbortSignal,
): Promise<GroupsView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/groups`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/holidays */
export function holidays(
  site: string,
  plan: string,
  query: { country?: string; region?: string } = {},
  signal?: AbortSignal,
): Promise<HolidaysView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/holidays`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/journal */
export function journal(
  site: string,
  plan: string,
  query: { object?: string; before?: number; most?: number } = {},
  signal?: AbortSignal,
): Promise<JournalView[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/journal`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/names */
export function names(
  site: string,
  plan: string,
  query: { object: string; field: string },
  signal?: AbortSignal,
): Promise<Choice[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/names`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/numbering */
export function numbering(
  site: string,
  plan: string,
  signal?: AbortSignal,
): Promise<NumberingView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/numbering`, { signal });
}

/** GET /api/sites/{site}/{plan}/numbers */
export function numbers(
  site: string,
  plan: string,
  query: { from?: string; at?: string; keys?: string; phone?: string[]; turned?: string[]; agent?: string[]; waiting?: string[]; find?: string; rows?: number } = {},
  signal?: AbortSignal,
): Promise<NumberCall[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/numbers`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/objects/{kind} */
export function objects(
  site: string,
  plan: string,
  kind: string,
  query: { find?: string; order?: string; descending?: boolean; from?: number; rows?: number; column?: string[] } = {},
  signal?: AbortSignal,
): Promise<ListView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/objects/${encodeURIComponent(kind)}`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/objects/{kind}/{key} */
export function object(
  site: string,
  plan: string,
  kind: string,
  key: string,
  signal?: AbortSignal,
): Promise<ObjectView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/objects/${encodeURIComponent(kind)}/${encodeURIComponent(key)}`, { signal });
}

/** GET /api/sites/{site}/{plan}/objects/{kind}/{key}/reached */
export function reached(
  site: string,
  plan: string,
  kind: string,
  key: string,
  signal?: AbortSignal,
): Promise<ReachedView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/objects/${encodeURIComponent(kind)}/${encodeURIComponent(key)}/reached`, { signal });
}

/** GET /api/sites/{site}/{plan}/outline */
export function outline(
  site: string,
  plan: string,
  query: { to: string; from?: string; open?: string[]; passed?: string[]; find?: string },
  signal?: AbortSignal,
): Promise<OutlineView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/outline`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/people */
export function people(
  site: string,
  plan: string,
  query: { find?: string; in?: string; from?: number; rows?: number } = {},
  signal?: AbortSignal,
): Promise<PeopleView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/people`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/people/{key}/may-dial */
export function mayDial(
  site: string,
  plan: string,
  key: string,
  signal?: AbortSignal,
): Promise<MayDial> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/people/${encodeURIComponent(key)}/may-dial`, { signal });
}

/** GET /api/sites/{site}/{plan}/positions-of-switch/{key} */
export function positionsOfSwitch(
  site: string,
  plan: string,
  key: string,
  signal?: AbortSignal,
): Promise<PositionsView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/positions-of-switch/${encodeURIComponent(key)}`, { signal });
}

/** GET /api/sites/{site}/{plan}/queues/{key}/score */
export function queueScore(
  site: string,
  plan: string,
  key: string,
  query: { at: string; place?: number; first?: string },
  signal?: AbortSignal,
): Promise<ScoreView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/queues/${encodeURIComponent(key)}/score`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/queues/{key}/staff */
export function queueStaff(
  site: string,
  plan: string,
  key: string,
  query: { at: string },
  signal?: AbortSignal,
): Promise<StaffView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/queues/${encodeURIComponent(key)}/staff`, { query, signal });
}

/** POST /api/sites/{site}/{plan}/read-calendar */
export function readCalendar(
  site: string,
  plan: string,
  body: string,
  signal?: AbortSignal,
): Promise<CalendarView> {
  return send('POST', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/read-calendar`, { body, signal });
}

/** POST /api/sites/{site}/{plan}/read-numbers */
export function readNumbers(
  site: string,
  plan: string,
  body: string,
  query: { trunk?: string } = {},
  signal?: AbortSignal,
): Promise<TypedView> {
  return send('POST', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/read-numbers`, { query, body, signal });
}

/** GET /api/sites/{site}/{plan}/releases */
export function releases(
  site: string,
  plan: string,
  signal?: AbortSignal,
): Promise<ReleaseView[]> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/releases`, { signal });
}

/** GET /api/sites/{site}/{plan}/routes-in-order */
export function routesInOrder(
  site: string,
  plan: string,
  query: { number?: string } = {},
  signal?: AbortSignal,
): Promise<OrderView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/routes-in-order`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/rules-of-hours/{key} */
export function rulesOfHours(
  site: string,
  plan: string,
  key: string,
  signal?: AbortSignal,
): Promise<RulesView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/rules-of-hours/${encodeURIComponent(key)}`, { signal });
}

/** GET /api/sites/{site}/{plan}/rules-of-hours/{key}/calendar */
export function calendarOfHours(
  site: string,
  plan: string,
  key: string,
  signal?: AbortSignal,
): Promise<string> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/rules-of-hours/${encodeURIComponent(key)}/calendar`, { signal });
}

/** GET /api/sites/{site}/{plan}/rules-of-hours/{key}/moved */
export function movedEdge(
  site: string,
  plan: string,
  key: string,
  query: { date: string; from: number; to: number; alone?: boolean },
  signal?: AbortSignal,
): Promise<Would> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/rules-of-hours/${encodeURIComponent(key)}/moved`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/rules-of-hours/{key}/typed */
export function typedRule(
  site: string,
  plan: string,
  key: string,
  query: { words: string; instead?: number },
  signal?: AbortSignal,
): Promise<Would> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/rules-of-hours/${encodeURIComponent(key)}/typed`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/rules-of-hours/{key}/with-days */
export function withDays(
  site: string,
  plan: string,
  key: string,
  query: { state: string; days: string[] },
  signal?: AbortSignal,
): Promise<Would> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/rules-of-hours/${encodeURIComponent(key)}/with-days`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/trace */
export function trace(
  site: string,
  plan: string,
  query: { to: string; from?: string; at?: string; keys?: string; phone?: string[]; turned?: string[]; agent?: string[]; waiting?: string[] },
  signal?: AbortSignal,
): Promise<CallView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/trace`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/typed-call */
export function typed(
  site: string,
  plan: string,
  query: { typed: string; at: string },
  signal?: AbortSignal,
): Promise<TypedCallView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/typed-call`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/voicemail */
export function voicemail(
  site: string,
  plan: string,
  query: { find?: string; only?: string; from?: number; rows?: number } = {},
  signal?: AbortSignal,
): Promise<VoicemailView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/voicemail`, { query, signal });
}

/** GET /api/sites/{site}/{plan}/week-of-hours */
export function weekOfHours(
  site: string,
  plan: string,
  query: { at: string },
  signal?: AbortSignal,
): Promise<WeekView> {
  return send('GET', `/sites/${encodeURIComponent(site)}/${encodeURIComponent(plan)}/week-of-hours`, { query, signal });
}

import { Refused } from '../lib/api/client';
import * as api from '../lib/api/endpoints';
import type { Edited, SiteView, Wish } from '../lib/api/types';
import { address } from './address.svelte';
import { turns } from './turns';

/** So many wishes are one edit. */
const MOST = 200;

/** After an answer that was lost, or from a server that has too much to do, an edit is sent again after so long. */
const AGAIN = [500, 1000, 2000];

/** A name that no other edit has; also where the page is not of a secure context. */
function fresh(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))]
    .map((one) => one.toString(16).padStart(2, '0'))
    .join('');
}

/** Makes an edit until it is answered: by its name the server knows one that it has kept already. */
async function untilAnswered<T>(action: (once: string) => Promise<T>): Promise<T> {
  const once = fresh();
  for (const wait of AGAIN) {
    try {
      return await action(once);
    } catch (failure) {
      if (!(failure instanceof Refused) || !(failure.lost || failure.status === 503)) throw failure;
      await new Promise((then) => setTimeout(then, wait));
    }
  }
  return action(once);
}

/** The plan that is open: what the server says of it as a whole, and the way to change it. */
class SiteState {
  view = $state.raw<SiteView | undefined>();
  /** What went wrong or was done last, read out to screen readers too. */
  says = $state('');
  wrong = $state(false);
  /** What is being changed just now: a field shows at once what it will be, until what it has become is there. */
  underway = $state.raw<Wish[]>([]);
  #asked: AbortController | undefined;
  #refusals = 0;
  /** The version that is being asked for, where it is known. */
  #heard: number | undefined;
  #hearing: Promise<void> = Promise.resolve();
  /** The edit that is under way: what it answers is the plan that others are told of. */
  #editing: Promise<unknown> = Promise.resolve();

  version = $derived(this.view?.version);
  draft = $derived(address.plan === 'draft');
  /** What who has signed in may do here. */
  rights = $derived(new Set(this.view?.rights));
  /** Whether it can be changed here: a release stays as it is, and not everybody may. */
  open = $derived(this.draft && this.rights.has('change'));

  /** Asks for the plan as a whole again; an answer that has been overtaken is dropped. */
  async refresh(): Promise<void> {
    this.#asked?.abort();
    const asked = new AbortController();
    this.#asked = asked;
    const { site, plan } = address;
    try {
      this.#is(await api.plan(site, plan, asked.signal), site, plan);
    } catch (failure) {
      if (!asked.signal.aborted) this.fail(failure);
    } finally {
      if (this.#asked === asked) this.#heard = undefined;
    }
  }

  /** The plan as a whole, where it is still the one that is open and no older than what is known of it. */
  #is(view: SiteView, name: string, plan: string): void {
    if (address.site !== name || address.plan !== plan) return;
    if (!this.view || this.view.key !== name || this.view.version <= view.version || plan !== 'draft') {
      this.view = view;
    }
  }

  /** The draft has become this version; it is asked for once, however often that is heard. */
  async hear(version: number): Promise<void> {
    await this.#editing;
    if ((this.#heard ?? this.version ?? -1) < version) {
      this.#hearing = this.refresh();
      this.#heard = version;
    }
    await this.#hearing;
  }

  /** Forgets the plan before another is opened. */
  leave(): void {
    this.view = undefined;
    this.underway = [];
    this.#asked?.abort();
    this.#heard = undefined;
    this.tell('');
  }

  /**
   * Carries out changes as one edit; as several where they are more than the server takes at once. Throws what the server
   * refuses, for the field to show.
   */
  async change(...wishes: Wish[]): Promise<Edited> {
    for (let from = 0; from + MOST < wishes.length; from += MOST)
      await this.#kept(wishes.slice(from, from + MOST));
    return this.#kept(wishes.slice(wishes.length - ((wishes.length - 1) % MOST) - 1));
  }

  async #kept(wishes: Wish[]): Promise<Edited> {
    return this.#edit((once) => api.edit(address.site, { wishes, version: this.version, once }), wishes);
  }

  /** Carries out changes of what everybody has made of the plan by now. */
  async changeAnyway(...wishes: Wish[]): Promise<Edited> {
    return this.#edit((once) => api.edit(address.site, { wishes, once }), wishes);
  }

  async undo(version?: number): Promise<void> {
    await this.#told('Undone', (once) => api.undo(address.site, { version, once }));
  }

  async redo(): Promise<void> {
    await this.#told('Made again', (once) => api.redo(address.site, { once }));
  }

  async #edit(action: (once: string) => Promise<Edited>, wishes: Wish[] = []): Promise<Edited> {
    const name = address.site;
    this.underway = [...this.underway, ...wishes];
    const over = () => (this.underway = this.underway.filter((one) => !wishes.includes(one)));
    const before = this.#refusals;
    const answer = untilAnswered(action);
    this.#editing = answer.catch(() => undefined);
    try {
      const edited = await answer;
      if (edited.plan) this.#is(edited.plan, name, 'draft');
      else await this.refresh();
      // What went wrong meanwhile was done after this, and is what people wait to read.
      if (this.#refusals === before) this.tell(edited.says);
      void turns.settled().then(over);
      return edited;
    } catch (failure) {
      over();
      throw failure;
    }
  }

  async #told(done: string, action: (once: string) => Promise<Edited>): Promise<void> {
    try {
      const edited = await this.#edit(action);
      this.tell(`${done}: ${edited.says}`);
    } catch (failure) {
      this.fail(failure);
    }
  }

  tell(says: string): void {
    this.says = says;
    this.wrong = false;
  }

  fail(failure: unknown): void {
    this.#refusals++;
    this.says = failure instanceof Refused ? failure.message : String(failure);
    this.wrong = true;
  }
}

export const site = new SiteState();

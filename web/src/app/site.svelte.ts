import { Refused } from '../lib/api/client';
import * as api from '../lib/api/endpoints';
import type { Edited, SiteView, Wish } from '../lib/api/types';
import { address } from './address.svelte';

/** The plan that is open: what the server says of it as a whole, and the way to change it. */
class SiteState {
  view = $state.raw<SiteView | undefined>();
  /** What went wrong or was done last, read out to screen readers too. */
  says = $state('');
  wrong = $state(false);
  #asked: AbortController | undefined;
  /** What the draft is by now, while the plan as a whole is still on its way. */
  #heard: { site: string; version: number } | undefined;
  #hearing: Promise<void> = Promise.resolve();

  version = $derived(this.view?.version);
  /** Whether it can be changed: a release stays as it is. */
  draft = $derived(address.plan === 'draft');

  /** Asks for the plan as a whole again; an answer that has been overtaken is dropped. */
  async refresh(): Promise<void> {
    this.#asked?.abort();
    const asked = new AbortController();
    this.#asked = asked;
    const { site, plan } = address;
    try {
      const view = await api.plan(site, plan, asked.signal);
      if (!this.view || this.view.key !== site || this.view.version <= view.version || plan !== 'draft') {
        this.view = view;
      }
      this.#heard = undefined;
    } catch (failure) {
      if (!asked.signal.aborted) this.fail(failure);
    }
  }

  /** The draft has become this version; it is asked for once, however often that is heard. */
  hear(name: string, version: number): Promise<void> {
    const known = [this.#heard, this.view && { site: this.view.key, version: this.view.version }].find(
      (one) => one?.site === name,
    )?.version;
    if (known === undefined || known < version) {
      this.#heard = { site: name, version };
      this.#hearing = this.refresh();
    }
    return this.#hearing;
  }

  /** Forgets the plan before another is opened. */
  leave(): void {
    this.view = undefined;
    this.#heard = undefined;
    this.tell('');
  }

  /** Carries out changes as one edit. Throws what the server refuses, for the field to show. */
  async change(...wishes: Wish[]): Promise<Edited> {
    return this.#edit(() => api.edit(address.site, { wishes, version: this.view?.version }));
  }

  /** Carries out changes of what everybody has made of the plan by now. */
  async changeAnyway(...wishes: Wish[]): Promise<Edited> {
    return this.#edit(() => api.edit(address.site, { wishes }));
  }

  async undo(version?: number): Promise<void> {
    await this.#told('Undone', () => api.undo(address.site, { version }));
  }

  async redo(): Promise<void> {
    await this.#told('Made again', () => api.redo(address.site));
  }

  async #edit(action: () => Promise<Edited>): Promise<Edited> {
    const name = address.site;
    const edited = await action();
    await this.hear(name, edited.version);
    this.tell(edited.says);
    return edited;
  }

  async #told(done: string, action: () => Promise<Edited>): Promise<void> {
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
    this.says = failure instanceof Refused ? failure.message : String(failure);
    this.wrong = true;
  }
}

export const site = new SiteState();

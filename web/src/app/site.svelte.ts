import { api, Refused } from '../lib/api/client';
import type { Edited, SiteName, SiteView, Wish, Wishes } from '../lib/api/types';
import { session } from './session.svelte';

/** The site being worked on: what the server says of it, and the way to change it. */
class SiteState {
  key = $state('');
  view = $state.raw<SiteView | undefined>();
  none = $state(false);
  /** What went wrong or was done last, read out to screen readers too. */
  says = $state('');
  wrong = $state(false);

  async begin(): Promise<void> {
    const sites = await api.get<SiteName[]>('/sites');
    this.none = sites.length === 0;
    const first = sites[0];
    if (first) {
      this.key = first.key;
      await this.refresh();
    }
  }

  async refresh(): Promise<void> {
    this.view = await api.get<SiteView>(this.path(''));
  }

  path(rest: string): string {
    return `/sites/${encodeURIComponent(this.key)}${rest}`;
  }

  /** Carries out changes as one edit. Throws what the server refuses, for the field to show. */
  async change(...wishes: Wish[]): Promise<void> {
    const asked: Wishes = { wishes };
    if (this.view) {
      asked.version = this.view.version;
    }
    await this.#edit('/edits', asked);
  }

  async undo(): Promise<void> {
    await this.#told('Undone', () => this.#edit('/undo'));
  }

  async redo(): Promise<void> {
    await this.#told('Made again', () => this.#edit('/redo'));
  }

  async #edit(path: string, body?: unknown): Promise<Edited> {
    try {
      const edited = await api.post<Edited>(this.path(path), body);
      await this.refresh();
      this.tell(edited.says);
      return edited;
    } catch (failure) {
      session.noticed(failure);
      throw failure;
    }
  }

  async #told(done: string, action: () => Promise<Edited>): Promise<void> {
    try {
      const edited = await action();
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
    session.noticed(failure);
    this.says = failure instanceof Refused ? failure.message : String(failure);
    this.wrong = true;
  }
}

export const site = new SiteState();

import { saysOf } from '../lib/api/client';
import * as api from '../lib/api/endpoints';
import type { Noticed, Wish } from '../lib/api/types';
import { address } from './address.svelte';
import { site } from './site.svelte';

const MOMENT = 150;

/** What callers would notice of a change that is being thought about; the newest question alone is answered. */
export class Preview {
  noticed = $state.raw<Noticed | undefined>();
  problems = $state.raw<string[]>([]);
  asking = $state(false);
  #asked: AbortController | undefined;
  #moment: ReturnType<typeof setTimeout> | undefined;

  /** Asks in a moment, unless something else is asked or it is dropped before. */
  ask(...wishes: Wish[]): void {
    this.drop();
    this.asking = true;
    this.#moment = setTimeout(() => void this.#ask(wishes), MOMENT);
  }

  /** Asks no more; what is known stays until it is dropped. It is being kept: its answer comes with the edit. */
  stop(): void {
    clearTimeout(this.#moment);
    this.#asked?.abort();
    this.asking = false;
  }

  drop(): void {
    this.stop();
    this.noticed = undefined;
    this.problems = [];
  }

  async #ask(wishes: Wish[]): Promise<void> {
    const asked = new AbortController();
    this.#asked = asked;
    try {
      const preview = await api.preview(address.site, { wishes, version: site.version }, asked.signal);
      if (!asked.signal.aborted) this.noticed = preview.noticed;
    } catch (failure) {
      if (!asked.signal.aborted) this.problems = saysOf(failure);
    } finally {
      if (this.#asked === asked) this.asking = false;
    }
  }
}

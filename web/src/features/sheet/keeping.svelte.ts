import { turns } from '../../app/turns';
import type { FieldView } from '../../lib/api/types';
import { isLeaf, shownAs } from './fields';

/** So long a popover waits for the answer, in ms: what is refused at once is said where it stands. */
const PATIENCE = 80;

/** What was refused after its popover had closed. */
export interface RefusedWish {
  wanted: unknown;
  failure: unknown;
}

/** A value kept from its token, which says at once what it will be, and opens again where that is refused. */
export class Keeping {
  open = $state(false);
  /** The token, which has the keys while its popover is closed. */
  token = $state.raw<HTMLElement | undefined>();
  /** What the token says until what has become of it is there. */
  said = $state<string | undefined>();
  refused = $state.raw<RefusedWish | undefined>();
  #latest: object = {};
  readonly #fail: (failure: unknown) => void;

  /** `fail` says a refusal elsewhere, where whoever made the wish has gone on to something else. */
  constructor(fail: (failure: unknown) => void) {
    this.#fail = fail;
  }

  /**
   * Keeps a value by sending it; `title` is what was chosen is called. Throws what `send` throws: an editor that is
   * still open says it.
   */
  async keep(form: FieldView, wanted: unknown, title: string | undefined, send: () => Promise<unknown>) {
    const mine = (this.#latest = {});
    this.refused = undefined;
    this.said = isLeaf(wanted) ? (title ?? shownAs(form, String(wanted))) : undefined;
    const sent = send();
    const early = isLeaf(wanted) && !(await answeredSoon(sent));
    if (early) this.open = false;
    try {
      await sent;
      if (!early) this.open = false;
      void turns.settled().then(() => this.#over(mine));
    } catch (failure) {
      this.#over(mine);
      if (early) this.#returned({ wanted, failure });
      throw failure;
    }
  }

  /** Leaves it as it is: what was refused is not wished for any more. */
  leave() {
    this.refused = undefined;
    this.open = false;
  }

  #over(mine: object) {
    if (this.#latest === mine) this.said = undefined;
  }

  /** Says a refusal in the popover again, unless the keys are elsewhere by now. */
  #returned(refused: RefusedWish) {
    this.refused = refused;
    const keys = document.activeElement;
    if (this.open || !keys || keys === document.body || keys === this.token) this.open = true;
    else this.#fail(refused.failure);
  }
}

/** Whether there is an answer, good or bad, before patience ends. */
function answeredSoon(sent: Promise<unknown>): Promise<boolean> {
  return Promise.race([
    sent.then(
      () => true,
      () => true,
    ),
    new Promise<boolean>((then) => setTimeout(() => then(false), PATIENCE)),
  ]);
}

import { onRefused, type Refused } from '../lib/api/client';
import * as api from '../lib/api/endpoints';
import type { Session } from '../lib/api/types';

/** Nothing that was typed or shown before is for whoever signs in now. */
function beginAnew(): void {
  sessionStorage.clear();
  location.assign('/');
}

/** Who is signed in. */
class SessionState {
  name = $state<string | undefined>();
  known = $state(false);
  /** Whether a password of one's own is to be chosen first. */
  mustChange = $state(false);
  /** Whether new sites can be made. */
  everySite = $state(false);
  /** Whether a session has ended under a screen that is still there. */
  ended = $state(false);

  /** Whose screens and answers this page holds, after a sign-out too. */
  #last: string | undefined;

  constructor() {
    onRefused((refused) => this.#noticed(refused));
  }

  async begin(): Promise<void> {
    this.#is(await api.session());
    this.known = true;
  }

  /** `code` of the second factor, where it was asked for. */
  async signIn(name: string, password: string, code?: string): Promise<void> {
    this.#is(await api.signIn({ name, password, code }));
    this.ended = false;
  }

  /** Changes the password; from then on everything can be done that the account may do. */
  async choosePassword(current: string, password: string): Promise<void> {
    await api.changePassword({ current, password });
    this.mustChange = false;
  }

  /** Takes an invitation: with a name for a new account, without for one's own. */
  async join(secret: string, name?: string, password?: string): Promise<void> {
    await api.acceptInvitation({ secret, name, password });
    this.#is(await api.session());
  }

  #is(session: Session): void {
    if (session.name !== undefined) {
      const another = this.#last !== undefined && this.#last !== session.name;
      this.#last = session.name;
      if (another) beginAnew();
    }
    this.name = session.name;
    this.mustChange = session.mustChange;
    this.everySite = session.everySite;
  }

  async signOut(): Promise<void> {
    await api.signOut();
    this.name = undefined;
  }

  /** Notes that the session has ended, where a refusal may come of that: the screen stays, and asks for a sign-in. */
  #noticed(refused: Refused): void {
    if (!this.name) return;
    if (refused.status === 401) this.ended = true;
    // A token that has gone with the session is refused before anybody is asked for.
    else if (refused.status === 403) {
      api.session().then(
        (session) => (this.ended = session.name === undefined),
        () => undefined,
      );
    }
  }
}

export const session = new SessionState();

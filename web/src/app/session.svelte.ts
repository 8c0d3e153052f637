import { onRefused, type Refused } from '../lib/api/client';
import * as api from '../lib/api/endpoints';

/** Who is signed in. */
class SessionState {
  name = $state<string | undefined>();
  known = $state(false);
  /** Whether a session has ended under a screen that is still there. */
  ended = $state(false);

  constructor() {
    onRefused((refused) => this.#noticed(refused));
  }

  async begin(): Promise<void> {
    this.name = (await api.session()).name;
    this.known = true;
  }

  async signIn(name: string, password: string): Promise<void> {
    this.name = (await api.signIn({ name, password })).name;
    this.ended = false;
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

import { api, Refused } from '../lib/api/client';
import type { Session } from '../lib/api/types';

/** Who is signed in. */
class SessionState {
  name = $state<string | undefined>();
  known = $state(false);

  async begin(): Promise<void> {
    this.name = (await api.get<Session>('/session')).name;
    this.known = true;
  }

  async signIn(name: string, password: string): Promise<void> {
    this.name = (await api.post<Session>('/session', { name, password })).name;
  }

  async signOut(): Promise<void> {
    await api.remove('/session');
    this.name = undefined;
  }

  /** Notes that the session has ended, where that is what a refusal says. */
  noticed(failure: unknown): void {
    if (failure instanceof Refused && failure.status === 401) this.name = undefined;
  }
}

export const session = new SessionState();

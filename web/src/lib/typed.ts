const BEFORE = 'bittern-typed:';

/** What has been typed and is not kept yet: it outlives a reload, a lost server and a session that has ended. */
export const typed = {
  get(field: string): string | undefined {
    return sessionStorage.getItem(BEFORE + field) ?? undefined;
  },
  /** Whether it could be kept: a browser has room for a few million characters. */
  keep(field: string, text: string): boolean {
    try {
      sessionStorage.setItem(BEFORE + field, text);
      return true;
    } catch (failure) {
      if (!(failure instanceof DOMException)) throw failure;
      sessionStorage.removeItem(BEFORE + field);
      return false;
    }
  },
  drop(field: string): void {
    sessionStorage.removeItem(BEFORE + field);
  },
};

const BEFORE = 'bittern-typed:';

/** What has been typed and is not kept yet: it outlives a reload, a lost server and a session that has ended. */
export const typed = {
  get(field: string): string | undefined {
    return sessionStorage.getItem(BEFORE + field) ?? undefined;
  },
  keep(field: string, text: string): void {
    sessionStorage.setItem(BEFORE + field, text);
  },
  drop(field: string): void {
    sessionStorage.removeItem(BEFORE + field);
  },
};

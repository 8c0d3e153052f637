const KEY = 'bittern-theme';

/** Light or dark: as the device has it until somebody chooses. */
class Theme {
  dark = $state(false);

  begin(): void {
    const chosen = localStorage.getItem(KEY);
    this.#set(chosen ? chosen === 'dark' : window.matchMedia('(prefers-color-scheme: dark)').matches);
  }

  turn(): void {
    this.#set(!this.dark);
    localStorage.setItem(KEY, this.dark ? 'dark' : 'light');
  }

  #set(dark: boolean): void {
    this.dark = dark;
    document.documentElement.dataset.theme = dark ? 'dark' : 'light';
  }
}

export const theme = new Theme();

export interface Toast {
  id: number;
  text: string;
  wrong: boolean;
  /** Something that can be done about it. */
  action?: { title: string; then: () => void };
}

const SHOWN = 7000;

/** Short notes at the edge of the screen; those that say what is wrong stay until they are closed. */
class Toasts {
  all = $state.raw<Toast[]>([]);
  #next = 1;

  show(text: string, more: { wrong?: boolean; action?: Toast['action'] } = {}): void {
    const toast: Toast = { id: this.#next++, text, wrong: more.wrong ?? false, action: more.action };
    this.all = [...this.all, toast];
    if (!toast.wrong) setTimeout(() => this.close(toast.id), SHOWN);
  }

  close(id: number): void {
    this.all = this.all.filter((toast) => toast.id !== id);
  }
}

export const toasts = new Toasts();

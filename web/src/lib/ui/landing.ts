/** So long a screen that is being opened may take until it has its title. */
const OPENING = 1500;

/** Where the keys go on when something has opened: to the screen's title, so that Tab goes on to what is under it. */
export function land(): void {
  const content = document.getElementById('content');
  if (!content) return;
  content.focus({ preventScroll: true });
  const begun = performance.now();
  const look = () => {
    const title = content.querySelector('h1');
    if (title) {
      title.tabIndex = -1;
      title.focus({ preventScroll: true });
    } else if (performance.now() - begun < OPENING && document.activeElement === content)
      requestAnimationFrame(look);
  };
  requestAnimationFrame(() => document.activeElement === content && look());
}

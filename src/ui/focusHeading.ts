const heading = '[role="main"] [aria-level="1"], main [aria-level="1"], main h1, [role="main"] h1';

/** Puts the focus on the name of the screen, so that a keyboard or a screen reader goes on from there. */
export function focusHeading(): boolean {
  const found = document.querySelector<HTMLElement>(heading);
  found?.focus({ preventScroll: true });
  return found !== null && document.activeElement === found;
}

/** Whether the focus is nowhere: what had it is gone. */
export function focusIsLost(): boolean {
  const { activeElement } = document;
  return activeElement === null || activeElement === document.body || !activeElement.isConnected;
}

/** Puts the focus back where it was, or on the screen's name where that is gone. */
export function focusBack(to: HTMLElement | null): void {
  if (to?.isConnected) to.focus({ preventScroll: true });
  if (focusIsLost()) focusHeading();
}

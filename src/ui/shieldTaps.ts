/* A finger that means the sheet is up for longer than this before it means what lay under it. */
const quietMs = 500;

/**
 * Swallows taps on a part of the screen until the finger has been up there for half a second: a second
 * tap of a wet thumb on a button that has just gone must not land on what lay under it.
 */
export function shieldTaps({ left, top, width, height }: DOMRect): void {
  if (width === 0 || height === 0) return;
  const shield = document.createElement("div");
  shield.dataset.shield = "";
  Object.assign(shield.style, {
    position: "fixed",
    left: `${left}px`,
    top: `${top}px`,
    width: `${width}px`,
    height: `${height}px`,
    zIndex: "60",
    pointerEvents: "auto",
    touchAction: "none",
  });
  const lift = () => shield.remove();
  let timer = setTimeout(lift, quietMs);
  const swallow = (event: Event) => {
    event.stopPropagation();
    if (event.cancelable) event.preventDefault();
    clearTimeout(timer);
    if (event.type !== "pointerdown" && event.type !== "touchstart")
      timer = setTimeout(lift, quietMs);
  };
  for (const type of [
    "pointerdown",
    "pointerup",
    "pointercancel",
    "mousedown",
    "mouseup",
    "click",
    "touchstart",
    "touchend",
    "touchcancel",
  ])
    shield.addEventListener(type, swallow, { passive: false });
  document.body.append(shield);
}

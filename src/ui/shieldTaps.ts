/* A finger that means what is there now is up for longer than this before. */
const quietMs = 500;
/* So far from the last tap a second one of the same wet thumb may land, px. */
const thumbPx = 26;

let last: { x: number; y: number; at: number } | undefined;
if (typeof document !== "undefined")
  document.addEventListener(
    "pointerdown",
    ({ clientX, clientY }) => {
      last = { x: clientX, y: clientY, at: performance.now() };
    },
    { capture: true, passive: true },
  );

/**
 * Holds back a second tap at the very place of the last one until the finger has been up there for half a
 * second: a double tap on a button that has just gone must not land on what lay under it. What it held back it
 * shows with a ring. A tap anywhere else goes through, and after it the next tap here is meant again.
 */
export function shieldTaps(): void {
  /* Answered by a key, or long after the finger: there is no thumb to be careful of. */
  if (!last || performance.now() - last.at > 2 * quietMs) return;
  const shield = document.createElement("div");
  shield.dataset.shield = "";
  Object.assign(shield.style, {
    position: "fixed",
    left: `${last.x - thumbPx}px`,
    top: `${last.y - thumbPx}px`,
    width: `${2 * thumbPx}px`,
    height: `${2 * thumbPx}px`,
    borderRadius: "50%",
    zIndex: "60",
    pointerEvents: "auto",
    touchAction: "none",
  });
  const lift = () => {
    document.removeEventListener("pointerdown", elsewhere, { capture: true });
    shield.remove();
  };
  const elsewhere = ({ target }: Event) => {
    if (target !== shield) lift();
  };
  document.addEventListener("pointerdown", elsewhere, { capture: true, passive: true });
  let timer = setTimeout(lift, quietMs);
  const swallow = (event: Event) => {
    event.stopPropagation();
    if (event.cancelable) event.preventDefault();
    shield.style.boxShadow = "inset 0 0 0 3px var(--ember)";
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

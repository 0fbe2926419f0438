import { useEffect, useRef } from "react";

/* Counts up, so that each opening has a mark of its own in the history. */
let openings = 0;

/** The browser's Back closes what is open, instead of leaving the screen under it. */
export function useBackCloses(open: boolean, onClose: () => void): void {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    if (!open) return;
    openings += 1;
    const mark = openings;
    const marked = () => (history.state as { sheet?: number } | null)?.sheet === mark;
    history.pushState({ ...(history.state as object | null), sheet: mark }, "");
    let standing = true;
    /* Before the router's own listener, which would take it for a change of screen. */
    const goneBack = (event: PopStateEvent) => {
      if (!standing || marked()) return;
      standing = false;
      event.stopImmediatePropagation();
      close.current();
    };
    window.addEventListener("popstate", goneBack, true);
    return () => {
      window.removeEventListener("popstate", goneBack, true);
      if (!standing) return;
      /* Closed by its own button: its place in the history goes too, unless a screen has taken it. */
      setTimeout(() => {
        if (!marked()) return;
        const swallow = (event: PopStateEvent) => event.stopImmediatePropagation();
        window.addEventListener("popstate", swallow, { capture: true, once: true });
        history.back();
      });
    };
  }, [open]);
}

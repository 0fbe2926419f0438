import { autoUpdate, flip, offset, shift, size, useFloating } from "@floating-ui/react-dom";
import { useLayoutEffect } from "react";

/* A longer list scrolls inside itself. */
const tallest = 380;
/* So much of the screen stays free around a list. */
const margin = 8;

/**
 * A list that lies over everything else, at its field: under it, or above it where there is more room.
 * It is shown in the browser's top layer, so no neighbour, sheet or fixed bar can be drawn over it, and
 * stays where it is in the document, so a sheet that it belongs to does not take it for the outside.
 */
export function usePopover(open: boolean) {
  const { refs, elements, floatingStyles } = useFloating<HTMLElement>({
    open,
    strategy: "fixed",
    placement: "bottom-start",
    whileElementsMounted: autoUpdate,
    middleware: [
      offset(4),
      flip({ padding: margin }),
      shift({ padding: margin }),
      size({
        padding: margin,
        apply({ availableHeight, rects, elements: { floating } }) {
          floating.style.maxHeight = `${Math.max(120, Math.min(tallest, availableHeight))}px`;
          floating.style.width = `${rects.reference.width}px`;
        },
      }),
    ],
  });
  const { floating } = elements;
  useLayoutEffect(() => {
    if (!floating || !open) return;
    floating.setAttribute("popover", "manual");
    floating.showPopover?.();
    return () => floating.hidePopover?.();
  }, [floating, open]);
  return { setField: refs.setReference, setList: refs.setFloating, listStyle: floatingStyles };
}

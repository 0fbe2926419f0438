import { autoUpdate, flip, offset, shift, size, useFloating } from "@floating-ui/react-dom";
import { useLayoutEffect, useState } from "react";

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
  const [field, setField] = useState<Element | null>(null);
  const [list, setList] = useState<HTMLElement | null>(null);
  /* A closed list has no place: to follow it would measure the page for each field, at its start and ever after. */
  const floating = open ? list : null;
  const { floatingStyles } = useFloating({
    open,
    elements: { reference: field, floating },
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
  useLayoutEffect(() => {
    if (!floating) return;
    floating.setAttribute("popover", "manual");
    floating.showPopover?.();
    return () => floating.hidePopover?.();
  }, [floating]);
  return { setField, setList, listStyle: floatingStyles };
}

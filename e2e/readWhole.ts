import type { Page } from "@playwright/test";

/**
 * What a person reads on a page, and what is spoken of it: its words and its examples. Of a list what is chosen in
 * it, or every line of it.
 */
export function readWhole(page: Page, list: "chosen" | "lines"): Promise<string[]> {
  return page.evaluate((ofList) => {
    const read: string[] = [];
    const walk = (element: Element) => {
      if (/^(STYLE|SCRIPT|NOSCRIPT)$/.test(element.tagName)) return;
      if (element instanceof HTMLElement && !element.checkVisibility()) return;
      for (const name of ["placeholder", "aria-label"]) {
        const text = element.getAttribute(name);
        if (text) read.push(text);
      }
      if (element instanceof HTMLSelectElement) {
        const lines = ofList === "lines" ? element.options : element.selectedOptions;
        read.push(...[...lines].map(({ text }) => text));
        return;
      }
      for (const child of element.childNodes) {
        if (child instanceof Element) walk(child);
        else if (child.nodeType === Node.TEXT_NODE && child.textContent)
          read.push(child.textContent);
      }
    };
    walk(document.body);
    return read;
  }, list);
}

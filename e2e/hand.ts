import type { Page } from "@playwright/test";

interface Hand {
  taps: number;
  characters: number;
}

/**
 * Counts what a hand does on a page, from here on and through reloads: a tap for each time something is
 * pressed, two for a choice from the browser's own list, and the characters that are typed.
 */
export async function watchHand(page: Page): Promise<Hand> {
  const hand: Hand = { taps: 0, characters: 0 };
  await page.exposeFunction("handDid", (taps: number, characters: number) => {
    hand.taps += taps;
    hand.characters += characters;
  });
  const listen = () => {
    const did = (taps: number, characters: number) =>
      (
        window as unknown as { handDid: (taps: number, characters: number) => Promise<void> }
      ).handDid(taps, characters);
    const before = new WeakMap<EventTarget, string>();
    const lengthTyped = (field: HTMLInputElement) => {
      const was = before.get(field) ?? "";
      before.set(field, field.value);
      return field.value.startsWith(was) ? field.value.length - was.length : field.value.length;
    };
    document.addEventListener("pointerdown", () => void did(1, 0), true);
    document.addEventListener(
      "input",
      ({ target }) => {
        if (target instanceof HTMLInputElement && !/checkbox|radio|file/.test(target.type))
          void did(0, lengthTyped(target));
        if (target instanceof HTMLSelectElement) void did(2, 0);
      },
      true,
    );
  };
  await page.addInitScript(listen);
  await page.evaluate(listen);
  return hand;
}

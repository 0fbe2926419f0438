import { t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { boardOf } from "@/words/bottleWords";
import { lotWords } from "@/words/lotWords";

export const filters = [
  { value: "all", label: t`All` },
  { value: "oil", label: t`Oils` },
  { value: "hydrosol", label: t`Hydrosols` },
  { value: "due", label: t`Due` },
] as const;
export const sorts = [
  { value: "due", label: t`Best by` },
  { value: "name", label: t`Name` },
  { value: "made", label: t`Latest first` },
  { value: "left", label: t`Least left` },
] as const;

/** How the shelf is looked at; it stands so when one comes back. */
export interface ShelfView {
  text: string;
  filter: (typeof filters)[number]["value"];
  sort: (typeof sorts)[number]["value"];
  as: "boards" | "cards" | "table";
}

const matches: Record<ShelfView["filter"], (item: Shelved) => boolean> = {
  all: () => true,
  oil: ({ lot }) => lot.product === "oil",
  hydrosol: ({ lot }) => lot.product === "hydrosol",
  due: ({ due }) => due,
};

const orders: Record<ShelfView["sort"], (a: Shelved, b: Shelved) => number> = {
  due: (a, b) => a.daysLeft - b.daysLeft,
  name: (a, b) => a.name.localeCompare(b.name) || a.daysLeft - b.daysLeft,
  made: (a, b) => b.lot.madeOn.localeCompare(a.lot.madeOn),
  left: (a, b) => a.leftMl / a.bottle.sizeMl - b.leftMl / b.bottle.sizeMl,
};

/** The bottles that are looked for: each word of the text in code, name, kind or place. */
export function findBottles(
  items: readonly Shelved[],
  { text: typed, filter, sort }: Omit<ShelfView, "as">,
): Shelved[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return items
    .filter((item) => {
      if (!(matches[filter] ?? matches.all)(item)) return false;
      if (wanted.length === 0) return true;
      const text = saidOf(item);
      return wanted.every((word) => text.includes(word));
    })
    .sort(orders[sort] ?? orders.due);
}

const said = new WeakMap<Shelved, string>();

/** What a bottle can be found by, in small letters; remembered, since thousands are looked through. */
function saidOf(item: Shelved): string {
  const known = said.get(item);
  if (known !== undefined) return known;
  const { bottle, lot, name } = item;
  const text =
    `${bottle.code} ${lot.code} ${bottle.code.replace("-", "")} ${name} ${lotWords(lot)} ${boardOf(bottle)}`.toLowerCase();
  said.set(item, text);
  return text;
}

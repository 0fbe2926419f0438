import { z } from "zod";

declare const said: unique symbol;
/** A list of which it is said how copies of it are brought together. */
interface Declared {
  readonly [said]: true;
}

type KeyOf<Item> = Item extends object ? keyof Item & string : "itself";

const keys = z.registry<{ by: string }>();

/**
 * A list to which two tabs or devices may add at the same time: its items are merged one by one, by the field they
 * are known by, or by themselves where they are words.
 */
export function keyed<L extends z.ZodArray>(list: L, by: KeyOf<z.infer<L>[number]>): L & Declared {
  keys.add(list, { by });
  return list as L & Declared;
}

/** A list that is one value: where both sides changed it, the later one stands. */
export function whole<L extends z.ZodArray>(list: L): L & Declared {
  return list as L & Declared;
}

type Inner<Field> = Field extends z.ZodOptional<infer Of> ? Of : Field;
type UndeclaredIn<Shape> = {
  [Name in keyof Shape]: Inner<Shape[Name]> extends z.ZodArray
    ? Inner<Shape[Name]> extends Declared
      ? never
      : Name
    : never;
}[keyof Shape];

/** Names of a schema's lists of which nothing is said; `never` where there is none. */
export type Undeclared<Schema> = Schema extends { shape: infer Shape }
  ? UndeclaredIn<Shape>
  : never;

/** A schema's lists that are merged item by item, with what an item is known by. */
export function keyedLists(shape: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(shape).flatMap(([name, field]) => {
      const list = field instanceof z.ZodOptional ? field.unwrap() : field;
      const by = list instanceof z.ZodArray ? keys.get(list)?.by : undefined;
      return by === undefined ? [] : [[name, by]];
    }),
  );
}

/** What an item is known by. */
export function keyOfItem(item: unknown, by: string): unknown {
  return by === "itself" ? item : (item as Record<string, unknown>)[by];
}

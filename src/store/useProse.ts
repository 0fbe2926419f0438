import { use, useEffect, useState } from "react";
import type { PlantProse } from "@/core/plant/plantProse";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { type ProseBook, withProse } from "@/logbook/plant/withProse";

let book: ProseBook | undefined;
let coming: Promise<ProseBook> | undefined;

/** Fetches what the book says of plants: a file of its own, which the first screen does without. */
export function fetchProse(): Promise<ProseBook> {
  coming ??= import("@/core/plant/catalogue/prose").then(
    ({ proseById }) => (book = proseById),
    (failed: unknown) => {
      coming = undefined;
      throw failed;
    },
  );
  return coming;
}

/** What the book says of plants; whoever asks waits until it is there. */
export function useProseBook(): ProseBook {
  return book ?? use(fetchProse());
}

/** A plant with what is told of it; whoever asks waits until it is there. */
export function useWithProse<Known extends KnownPlant>(plant: Known): Known & PlantProse {
  return withProse(plant, useProseBook());
}

/** The same for whoever goes on without it: undefined until it is there. */
export function useProseBookSoon(): ProseBook | undefined {
  const [there, setThere] = useState(() => book);
  useEffect(() => {
    if (there) return;
    let current = true;
    fetchProse().then(
      (came) => current && setThere(() => came),
      () => undefined,
    );
    return () => {
      current = false;
    };
  }, [there]);
  return there;
}

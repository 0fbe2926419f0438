import { useCallback, useMemo } from "react";
import type { Shelved } from "@/logbook/shelf/shelf";
import { useKept } from "@/store/useKept";

/* More than this at once is a catalogue. */
export const mostListed = 60;

/** Whose labels are wanted, of a lot or of the whole shelf, and what is said on them. */
export function useWanted(lotId: string | undefined, items: readonly Shelved[]) {
  const [said, say] = useKept(`labels/${lotId ?? "all"}`, {
    name: "",
    madeOf: "",
    /* Bottles whose labels are not wanted, by id. */
    without: "",
  });
  const unwanted = useMemo(() => new Set(said.without.split(" ")), [said.without]);
  const listed = useMemo(
    () => (lotId ? items.filter(({ lot }) => lot.id === lotId) : items).slice(0, mostListed),
    [items, lotId],
  );
  const want = useCallback(
    (id: string, on: boolean) =>
      say(({ without: now }) => {
        const others = now.split(" ").filter((each) => each !== id);
        return { without: (on ? others : [...others, id]).join(" ") };
      }),
    [say],
  );

  const chosen = useMemo(
    () => listed.filter(({ bottle }) => !unwanted.has(bottle.id)),
    [listed, unwanted],
  );
  return { said, say, listed, chosen, unwanted, want };
}

import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { binOwnFigures, markFavourites } from "@/store/acts/severalPlants";
import { useAppDispatch } from "@/store/hooks";
import { ActOnSeveral } from "@/ui/primitives/ActOnSeveral";

interface Props {
  /** What the search shows now. */
  plants: readonly KnownPlant[];
  favourites: readonly string[];
  onClose: () => void;
}

/** Several plants in one step: made favourites or not, or back to the book's figures. */
export function SeveralPlants({ plants, favourites, onClose }: Props) {
  const dispatch = useAppDispatch();
  /* A plant of one's own has no other figures to go back to. */
  const ownFiguresOf = (ids: readonly string[]) =>
    plants.flatMap(({ id, origin, materialId }) =>
      ids.includes(id) && origin === "catalogue" && materialId ? [materialId] : [],
    );
  return (
    <ActOnSeveral
      none={t`Tick at least one plant.`}
      items={plants.map(({ id, name, part, ownFigures: own }) => ({
        id,
        label: name,
        detail: [
          part,
          favourites.includes(id) ? "favourite" : undefined,
          own.length > 0 ? t`own figures` : undefined,
        ]
          .filter(Boolean)
          .join(" · "),
      }))}
      acts={[
        {
          label: t`Favourite`,
          hint: t`Favourite: stands first in every list of plants`,
          act: (ids) => dispatch(markFavourites(ids, true)),
        },
        { label: t`Not a favourite`, act: (ids) => dispatch(markFavourites(ids, false)) },
        { label: t`Delete own figures`, act: (ids) => dispatch(binOwnFigures(ownFiguresOf(ids))) },
      ]}
      onClose={onClose}
    />
  );
}

import { noonOf, showDay } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { Harvest } from "@/records/harvest";
import { binHarvests, nothingMoreOfThese } from "@/store/acts/severalHarvests";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { ActOnSeveral } from "@/ui/primitives/ActOnSeveral";

interface Props {
  /** What the search shows now. */
  harvests: readonly Harvest[];
  /** What is left of each, g, by its id. */
  leftOf: ReadonlyMap<string, number>;
  onClose: () => void;
}

/** Several harvests in one step: what is left of them set aside, or all of them deleted. */
export function SeveralHarvests({ harvests, leftOf, onClose }: Props) {
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const units = useUnits();
  const mass = (g: number) => words(showMass(g, units));
  return (
    <ActOnSeveral
      none={t`Tick at least one harvest.`}
      items={harvests.map(({ id, plantId, cutOn, massG, place }) => {
        const left = leftOf.get(id) ?? 0;
        return {
          id,
          label: book.byId(plantId)?.name ?? plantId,
          detail: [
            showDay(noonOf(cutOn)),
            mass(massG),
            left > 0 ? t`${mass(left)} left` : undefined,
            place,
          ]
            .filter(Boolean)
            .join(" · "),
        };
      })}
      acts={[
        {
          label: t`All used`,
          hint: t`All used: nothing more of them will be distilled`,
          act: (ids) => dispatch(nothingMoreOfThese(ids)),
        },
        {
          label: t`Delete`,
          hint: t`Delete: the ticked harvests`,
          act: (ids) => dispatch(binHarvests(ids)),
        },
      ]}
      onClose={onClose}
    />
  );
}

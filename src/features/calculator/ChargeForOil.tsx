import { useState } from "react";
import { showMass, words } from "@/core/units/format";
import { WishRefusal, massForWish } from "@/core/plan/massForWish";
import type { PlanInput } from "@/core/plan/planInput";
import { methodsOf } from "@/core/still/fillLimits";
import { plural, t } from "@/language/t";
import { stillFigures } from "@/logbook/still/stillFigures";
import { usePlantBook } from "@/store/plants";
import { wishWords } from "@/words/refusalWords";
import { Select } from "@/ui/primitives/Select";
import { inState } from "@/words/stateWords";
import { Question, useAsked, type Asking } from "./Question";
import { figureWords } from "@/words/figureWords";

/** What to cut for so much oil in the bottle. */
export function ChargeForOil({ units, site, still }: Asking) {
  const book = usePlantBook();
  const [plantId, setPlantId] = useState("lavender");
  const { fields, values } = useAsked({
    oil: {
      label: t`Visible oil`,
      name: t`Oil`,
      min: 0,
      max: 1e4,
      above: true,
      choices: ["mL"],
      start: 10,
    },
  });
  const plant = book.byId(plantId);
  const answer = values && plant && still ? massOf(values.oil) : undefined;

  function massOf(volumeMl: number): { text: string; detail: string } {
    if (!plant || !still) return { text: "–", detail: "" };
    const figures = stillFigures(still);
    const methods = methodsOf(figures.shape);
    const input: Omit<PlanInput, "massG" | "charges"> = {
      still: figures,
      plant,
      state: plant.states.fresh ? "fresh" : plant.states.dried ? "dried" : "wilted",
      method: methods.find((method) => method === plant.preferredMethod) ?? methods[0] ?? "steam",
      stop: { perKg: 1 },
      site,
    };
    try {
      const { massG, charges } = massForWish(input, { what: "oil", volumeMl });
      return {
        text: t`${words(showMass(massG, units))} in ${plural(charges, { one: "# charge", other: "# charges" })}`,
        detail: t`${inState[input.state]} ${plant.part}, in ${still.name}, one to one, in an average year.`,
      };
    } catch (error) {
      if (!(error instanceof WishRefusal)) throw error;
      return { text: t`Not this way`, detail: wishWords(error.why, units) };
    }
  }
  return (
    <Question
      title={t`What charge for so much oil?`}
      about={figureWords.expectedOil}
      answer={still ? answer?.text : t`Add a still first`}
      detail={answer?.detail}
    >
      <Select
        label={t`Plant`}
        options={book.all.map(({ id, name, part }) => ({ value: id, label: `${name}, ${part}` }))}
        value={plantId}
        onChange={setPlantId}
      />
      {fields}
    </Question>
  );
}

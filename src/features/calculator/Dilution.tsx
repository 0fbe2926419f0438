import { oilForDilution, showOil, usualDropsPerMl, words } from "@/core";
import { Question, useAsked, type Asking } from "./Question";

/** Oil for a dilution in a carrier. */
export function Dilution(_: Asking) {
  const { fields, values } = useAsked({
    percent: {
      label: "Share of oil",
      name: "The share",
      min: 0,
      max: 50,
      above: true,
      choices: [],
      suffix: "%",
      start: 1,
    },
    carrier: {
      label: "Carrier",
      name: "Carrier",
      min: 0,
      max: 1e5,
      above: true,
      choices: ["mL"],
      start: 100,
    },
  });
  const oil = values && oilForDilution(values.percent, values.carrier);
  return (
    <Question
      title="How much oil for a dilution?"
      answer={oil === undefined ? undefined : words(showOil(oil))}
      detail={
        oil === undefined
          ? undefined
          : `About ${Math.round(oil * usualDropsPerMl)} drops. One per cent is usual on grown skin; some oils ask for far less, and none is to be swallowed.`
      }
    >
      {fields}
    </Question>
  );
}

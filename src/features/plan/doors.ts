import { t } from "@/language/t";
import type { PlanWork } from "./usePlanDraft";

/** What a figure of the plan opens. */
export type Door =
  | "setup"
  | "charge"
  | "water"
  | "cooling"
  | "oil"
  | "hydrosol"
  | "stop"
  | "receiver"
  | "heat";

export const doorTitles: Record<Door, string> = {
  setup: t`Plant and still`,
  charge: t`Charges`,
  water: t`Water in the pot`,
  cooling: t`Cooling`,
  oil: t`Visible oil`,
  hydrosol: t`Hydrosol`,
  stop: t`When to stop`,
  receiver: t`Receiver`,
  heat: t`Heat and flow`,
};

type Field = keyof PlanWork["read"]["problems"];

/** Behind which door a field stands; those that are missing stand on the page itself. */
const doorOf: Partial<Record<Field, Door>> = {
  aged: "setup",
  moisture: "setup",
  charges: "charge",
  water: "water",
  ice: "cooling",
  cooling: "cooling",
  ratio: "hydrosol",
  minutes: "stop",
  worth: "stop",
  rate: "heat",
};

/** What is wrong in fields that nobody sees while their door is shut. */
export function hiddenProblems(problems: PlanWork["read"]["problems"]) {
  return Object.entries(problems).flatMap(([field, problem]) => {
    const door = doorOf[field as Field];
    return door && problem ? [{ door, problem }] : [];
  });
}

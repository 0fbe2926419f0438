import { type NumberInput } from "@/core";
import { asResult, separateDefaults, separateSchema } from "./separateForm";

const typed = (part: Record<string, NumberInput>) =>
  separateSchema.safeParse({
    ...separateDefaults(undefined, "metric"),
    oil: { text: "4,2", unit: "mL" },
    hydrosol: { text: "0.69", unit: "L" },
    ...part,
  });

test("measures are read in their units, and only what was given is kept", () => {
  expect(asResult(typed({}).data!)).toEqual({ oilMl: 4.2, hydrosolMl: 690 });
  expect(asResult(typed({ oil: { text: "84", unit: "drop" } }).data!).oilMl).toBeCloseTo(4.2, 9);
});

test.each([
  [{ oil: { text: "", unit: "mL" as const } }, "Type a number."],
  [
    { oil: { text: "-1", unit: "mL" as const } },
    "Oil must be at least 0 mL. None to see? Write 0.",
  ],
  [{ ph: { text: "15", unit: "one" as const } }, "pH can be 14 at most."],
  [{ density: { text: "9", unit: "one" as const } }, "Density can be 1.5 at most."],
  [{ firstCut: { text: "700", unit: "mL" as const } }, "The first cut is part of the hydrosol"],
])("%j is refused in words", (part, words) => {
  const read = typed(part);
  expect(read.success ? "" : read.error.issues[0]!.message).toContain(words);
});

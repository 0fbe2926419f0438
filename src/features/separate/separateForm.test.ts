import type { NumberInput } from "@/core/units/numberInput";
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

test("what stays empty is open, and not none", () => {
  const open = { text: "", unit: "mL" as const };
  expect(asResult(typed({ oil: open }).data!)).toEqual({ hydrosolMl: 690 });
  expect(asResult(typed({ hydrosol: open }).data!)).toEqual({ oilMl: 4.2 });
  expect(asResult(typed({ oil: { text: "0", unit: "mL" } }).data!).oilMl).toBe(0);
});

test("jars whose oil was kept apart make up all of it; a jar left open leaves it with the rest", () => {
  const ml = (text: string) => ({ text, unit: "mL" as const });
  const read = (oils: string[]) =>
    asResult(
      separateSchema.parse({
        ...separateDefaults(undefined, "metric", 2),
        oil: ml("9"),
        jars: [ml("400"), ml("300")],
        jarOils: oils.map(ml),
      }),
    );
  expect(read(["3", "1.5"])).toEqual({
    oilMl: 4.5,
    hydrosolMl: 700,
    jars: [
      { volumeMl: 400, oilMl: 3 },
      { volumeMl: 300, oilMl: 1.5 },
    ],
  });
  expect(read(["3", ""])).toMatchObject({ oilMl: 9, jars: [{ volumeMl: 400 }, { volumeMl: 300 }] });
});

test.each([
  [
    { oil: { text: "", unit: "mL" as const }, hydrosol: { text: "", unit: "mL" as const } },
    "what stays empty can come later",
  ],
  [
    { oil: { text: "-1", unit: "mL" as const } },
    "Oil must be at least 0 mL. No visible oil? Enter 0.",
  ],
  [{ ph: { text: "15", unit: "one" as const } }, "pH can be 14 at most."],
  [{ density: { text: "9", unit: "one" as const } }, "Density can be 1.5 at most."],
  [{ firstCut: { text: "700", unit: "mL" as const } }, "The first cut is part of the hydrosol"],
])("%j is refused in words", (part, words) => {
  const read = typed(part);
  expect(read.success ? "" : read.error.issues[0]!.message).toContain(words);
});

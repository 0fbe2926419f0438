import type { PlantState } from "@/core/plant/plant";
import type { Method } from "@/core/still/methods";
import type { Harvest } from "@/records/harvest";

/** One charge of the made-up season at Vesper Croft. */
export interface SeasonRun {
  /** Days before today on which it was lit. */
  daysAgo: number;
  plantId: string;
  state: PlantState;
  /** The copper pot or the steel one. */
  still: "copper" | "steel";
  massG: number;
  method?: Method;
  minutes?: number;
  /** How far it had grown, where it was noted. */
  growth?: Harvest["growth"];
  /** What went differently. */
  story?: "boiledNearDry" | "cloudyOil" | "hydrosolTurned" | "settling" | "running";
  note?: string;
}

/*
 * A season from the pine of late winter to the seed of autumn. The days are told back from today, so
 * that one run is always still settling and one on the heat.
 */
export const season: readonly SeasonRun[] = [
  {
    daysAgo: 289,
    plantId: "scotspine",
    state: "fresh",
    still: "steel",
    massG: 2640,
    note: "Snow still on the ground. Needles cut with shears.",
  },
  { daysAgo: 288, plantId: "scotspine", state: "fresh", still: "steel", massG: 2710 },
  {
    daysAgo: 281,
    plantId: "scotspine",
    state: "fresh",
    still: "copper",
    massG: 1180,
    note: "Tips only, brighter than the last.",
  },
  { daysAgo: 198, plantId: "baylaurel", state: "fresh", still: "copper", massG: 740 },
  {
    daysAgo: 197,
    plantId: "baylaurel",
    state: "fresh",
    still: "copper",
    massG: 765,
    note: "Torn instead of cut.",
  },
  {
    daysAgo: 190,
    plantId: "baylaurel",
    state: "dried",
    still: "copper",
    massG: 410,
    note: "Last year's leaves from the rafters.",
  },
  {
    daysAgo: 152,
    plantId: "spearmint",
    state: "fresh",
    still: "copper",
    massG: 905,
    story: "hydrosolTurned",
  },
  { daysAgo: 151, plantId: "spearmint", state: "fresh", still: "copper", massG: 930, minutes: 40 },
  {
    daysAgo: 150,
    plantId: "spearmint",
    state: "wilted",
    still: "copper",
    massG: 580,
    minutes: 40,
    note: "Wilted overnight under the eaves.",
  },
  { daysAgo: 149, plantId: "spearmint", state: "wilted", still: "steel", massG: 1890 },
  {
    daysAgo: 139,
    plantId: "clarysage",
    state: "fresh",
    still: "copper",
    massG: 860,
    minutes: 40,
    growth: "fullFlower",
  },
  {
    daysAgo: 138,
    plantId: "clarysage",
    state: "wilted",
    still: "copper",
    massG: 605,
    minutes: 40,
    growth: "fullFlower",
  },
  {
    daysAgo: 137,
    plantId: "clarysage",
    state: "fresh",
    still: "copper",
    massG: 895,
    minutes: 40,
    growth: "fullFlower",
  },
  {
    daysAgo: 136,
    plantId: "clarysage",
    state: "wilted",
    still: "copper",
    massG: 625,
    minutes: 40,
    growth: "fading",
    note: "Same field as yesterday, one night in the shade.",
  },
  {
    daysAgo: 134,
    plantId: "clarysage",
    state: "fresh",
    still: "steel",
    massG: 2180,
    minutes: 50,
    growth: "fullFlower",
  },
  {
    daysAgo: 133,
    plantId: "clarysage",
    state: "wilted",
    still: "steel",
    massG: 1525,
    minutes: 50,
    growth: "fullFlower",
  },
  {
    daysAgo: 121,
    plantId: "yarrow",
    state: "fresh",
    still: "copper",
    massG: 770,
    growth: "fullFlower",
    note: "Blue from the first drop.",
  },
  {
    daysAgo: 120,
    plantId: "yarrow",
    state: "wilted",
    still: "copper",
    massG: 690,
    story: "hydrosolTurned",
  },
  { daysAgo: 118, plantId: "yarrow", state: "wilted", still: "steel", massG: 1610 },
  {
    daysAgo: 104,
    plantId: "spearmint",
    state: "fresh",
    still: "steel",
    massG: 2260,
    note: "Second cut.",
  },
  { daysAgo: 95, plantId: "baylaurel", state: "fresh", still: "steel", massG: 1720 },
  {
    daysAgo: 94,
    plantId: "baylaurel",
    state: "fresh",
    still: "steel",
    massG: 1690,
    story: "cloudyOil",
  },
  {
    daysAgo: 71,
    plantId: "sweetfennel",
    state: "dried",
    still: "copper",
    massG: 520,
    method: "hydro",
    minutes: 150,
  },
  {
    daysAgo: 70,
    plantId: "sweetfennel",
    state: "dried",
    still: "steel",
    massG: 1150,
    method: "hydro",
    minutes: 120,
    story: "boiledNearDry",
  },
  {
    daysAgo: 63,
    plantId: "sweetfennel",
    state: "dried",
    still: "copper",
    massG: 545,
    method: "hydro",
    minutes: 150,
    note: "Coarser crush, less cake.",
  },
  { daysAgo: 41, plantId: "juniperberry", state: "fresh", still: "copper", massG: 1480 },
  {
    daysAgo: 40,
    plantId: "juniperberry",
    state: "fresh",
    still: "copper",
    massG: 1515,
    note: "Crushed just before loading.",
  },
  { daysAgo: 26, plantId: "juniperberry", state: "dried", still: "steel", massG: 2350 },
  { daysAgo: 9, plantId: "scotspine", state: "fresh", still: "steel", massG: 2580 },
  {
    daysAgo: 0,
    plantId: "scotspine",
    state: "fresh",
    still: "copper",
    massG: 1210,
    story: "settling",
  },
  {
    daysAgo: 0,
    plantId: "juniperberry",
    state: "dried",
    still: "steel",
    massG: 2290,
    story: "running",
  },
];

/** What of a plant is distilled, as a small drawing of our own. */
export type PlantMark = "leaf" | "flower" | "seed" | "needle" | "zest" | "root" | "wood" | "resin";

/** Lines in a box of 24 by 24, drawn with a round pen; each mark is one stroke style, no fill. */
export const plantMarks: Record<PlantMark, readonly string[]> = {
  leaf: [
    "M4 20C9 14 12 10 20 4",
    "M20 4C10 4 4 9 5.5 18.5C15 20 20 14 20 4",
    "M9 15.2L8.6 10.5M12.4 11.6L12.2 7.4M9.6 15L14.6 15.4M12.8 11.4L17.2 11.8",
  ],
  flower: [
    "M12 22V11",
    "M12 11C8 11 6.5 8 7 4.5C9 5 10.5 6 12 8.5C13.5 6 15 5 17 4.5C17.5 8 16 11 12 11",
    "M12 8.5C11 6 11.2 4 12 2.5C12.8 4 13 6 12 8.5",
    "M12 19C9.5 19 7.6 17.4 7 15C9.6 15 11.4 16.4 12 19C12.6 16.4 14.4 15 17 15C16.4 17.4 14.5 19 12 19",
  ],
  seed: [
    "M12 22V12",
    "M12 12L6 5M12 12L9.6 3.6M12 12L14.4 3.6M12 12L18 5",
    "M5.2 5.2a1.3 1.8 -40 1 0 1.7 -1.5a1.3 1.8 -40 1 0 -1.7 1.5",
    "M8.8 3.6a1.2 1.8 -14 1 0 1.7 -0.4a1.2 1.8 -14 1 0 -1.7 0.4",
    "M13.5 3.2a1.2 1.8 14 1 0 1.7 0.4a1.2 1.8 14 1 0 -1.7 -0.4",
    "M17.1 3.7a1.3 1.8 40 1 0 1.7 1.5a1.3 1.8 40 1 0 -1.7 -1.5",
  ],
  needle: [
    "M12 22C12 15 12 9 13.5 3",
    "M12 19L5 14M12 19L18.6 13.6M12.1 15L5.4 9.6M12.1 15L18.6 9.4M12.5 11L7 5.4M12.5 11L18.4 5.6M13 7L10.4 3M13 7L16.6 3.4",
  ],
  zest: [
    "M12 3.5C17 3.5 20.5 7.2 20.5 12C20.5 16.8 17 20.5 12 20.5C7 20.5 3.5 16.8 3.5 12C3.5 9 5 6.4 7.4 5",
    "M12 7C14.8 7 17 9.2 17 12C17 14.8 14.8 17 12 17C9.2 17 7 14.8 7 12",
    "M7.4 5C5 7 6.6 9.6 9 10.5",
  ],
  root: [
    "M12 2V8",
    "M12 8C9 9 8.4 12.6 9.4 15.4C10 17.2 9 19.6 7 21.5M12 8C15 9 15.6 12.6 14.6 15.4C14 17.2 15 19.6 17 21.5M12 9V22M9.2 13L5.4 15M14.8 12.4L18.8 14.2",
  ],
  wood: [
    "M4.5 12C4.5 7.5 7.9 4 12 4C16.1 4 19.5 7.5 19.5 12C19.5 16.5 16.1 20 12 20C7.9 20 4.5 16.5 4.5 12Z",
    "M8 12.2C8 9.7 9.8 7.6 12.2 7.6C14.6 7.6 16 9.8 16 12C16 14.4 14.2 16.2 12 16.2",
    "M11 12C11 11 11.6 10.4 12.4 10.6C13.2 10.8 13.3 12.4 12.2 12.8",
  ],
  resin: [
    "M12 3C15.4 8 18 11.4 18 15C18 18.4 15.4 21 12 21C8.6 21 6 18.4 6 15C6 11.4 8.6 8 12 3Z",
    "M9 15.4C9 17 10.2 18.2 11.8 18.3",
  ],
};

/** The mark of what is distilled of a plant, by where its oil sits and what the part is called. */
export function markOf(plant: { tissue: string; part: string } | undefined): PlantMark {
  if (!plant) return "leaf";
  const part = plant.part.toLowerCase();
  if (plant.tissue === "zest" || plant.tissue === "fruit") return "zest";
  if (plant.tissue === "crushedSeed") return "seed";
  if (plant.tissue === "needles") return "needle";
  if (plant.tissue === "resin") return "resin";
  if (plant.tissue === "rootWoodBark") return part.includes("root") ? "root" : "wood";
  return plant.tissue === "petals" || /flower|tops|petal|bud/.test(part) ? "flower" : "leaf";
}

/** What the made-up season's oils look like and its hydrosols smell of, by plant. */
export const looks: Readonly<Record<string, { look: string; smell: string }>> = {
  scotspine: { look: "colourless", smell: "faint and resinous" },
  baylaurel: { look: "pale yellow", smell: "spicy and clean" },
  spearmint: { look: "colourless to pale green-yellow", smell: "soft mint" },
  clarysage: { look: "colourless to pale yellow", smell: "hay and tea" },
  yarrow: { look: "deep blue", smell: "herbal and a little bitter" },
  sweetfennel: { look: "pale yellow", smell: "sweet" },
  juniperberry: { look: "colourless", smell: "dry and resinous" },
};

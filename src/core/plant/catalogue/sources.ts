/*
 * Drugs for which the European Pharmacopoeia names a least content of oil; the figures here are of the
 * same assay, which brings out what a run in a home still brings a share of.
 */
const inPharmacopoeia: ReadonlySet<string> = new Set([
  "angelica",
  "anise",
  "caraway",
  "cinnamonbark",
  "clove",
  "coriander",
  "eucalyptus",
  "germanchamomile",
  "ginger",
  "juniperberry",
  "lavender",
  "oregano",
  "peppermint",
  "romanchamomile",
  "rosemary",
  "sage",
  "staranise",
  "sweetfennel",
  "thyme",
  "turmeric",
  "wormwood",
  "yarrow",
]);

/* A note that tells its kind of source already stands as it is. */
const tellsKind = /handbook|pharmacopoeia|review|estimate|judgement|family|survey/i;

/** A plant's note of its sources with the kind of source told, and what is not sure said to be so. */
export function sourceOf(id: string, note: string): string {
  if (tellsKind.test(note)) return note;
  const content = inPharmacopoeia.has(id)
    ? "Oil by assay, as handbooks of essential oils give it; the European Pharmacopoeia names a least content for this drug."
    : "Oil by assay, as handbooks of essential oils give it; which of them is not sure.";
  return `${note} ${content} Composition: rounded from reviews of published analyses; which ones is not sure.`;
}

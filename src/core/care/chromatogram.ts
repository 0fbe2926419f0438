import { compounds } from "../plant/compounds";
import type { Composition } from "../plant/oil";

/** A line of a chromatogram's table. */
export interface Peak {
  name: string;
  /** Share of the whole, % by area or mass. */
  percent: number;
}

/** A chromatogram as an oil's make-up. */
export interface Chromatogram {
  composition: Composition;
  /** Peaks whose names are not known here, as they were told. */
  unmatched: Peak[];
}

/* What laboratories call a compound, where it is not its own name here; both halves of citral are one. */
const otherNames: Readonly<Record<string, string>> = {
  "1 8 cineol": "cineole",
  "alpha citral": "geranial",
  "alpha guaiene": "patchoulene",
  benzeneethanol: "phenethylAlcohol",
  "beta citral": "geranial",
  "beta thuyone": "betaThujone",
  cinnamal: "cinnamaldehyde",
  "d limonene": "limonene",
  "dl limonene": "limonene",
  dipentene: "limonene",
  "e anethole": "transAnethole",
  anethole: "transAnethole",
  "e cinnamaldehyde": "cinnamaldehyde",
  "e caryophyllene": "caryophyllene",
  eucalyptol: "cineole",
  geranial: "geranial",
  "l menthol": "menthol",
  "l carvone": "carvone",
  "methyl chavicol": "estragole",
  neral: "geranial",
  "para cymene": "pCymene",
  cymene: "pCymene",
  "phenylethyl alcohol": "phenethylAlcohol",
  "phenethyl alcohol": "phenethylAlcohol",
  "phenyl ethyl alcohol": "phenethylAlcohol",
  santalol: "santalol",
  "alpha santalol": "santalol",
  "beta santalol": "santalol",
  "terpinen 4 ol": "terpinen4ol",
  "terpinene 4 ol": "terpinen4ol",
  "trans caryophyllene": "caryophyllene",
  "z beta ocimene": "ocimene",
  "e beta ocimene": "ocimene",
  "cis beta ocimene": "ocimene",
  "trans beta ocimene": "ocimene",
  ocimene: "ocimene",
  "alpha farnesene": "farnesene",
  "e beta farnesene": "farnesene",
  "trans beta farnesene": "farnesene",
  carene: "delta3Carene",
  "3 carene": "delta3Carene",
  "trans nepetalactone": "nepetalactone",
  "cis nepetalactone": "nepetalactone",
};

const names = Object.values(compounds).map(({ id, name }) => ({ id, name: plain(name) }));
const withoutGreek = (name: string) => name.replace(/^(alpha|beta|gamma|delta) /, "");
/* "caryophyllene" alone is the one there is; "pinene" alone could be either. */
const alone = names.filter(
  ({ name }) =>
    names.filter((other) => withoutGreek(other.name) === withoutGreek(name)).length === 1,
);
const byName = new Map([
  ...alone.map(({ id, name }): [string, string] => [withoutGreek(name), id]),
  ...names.map(({ id, name }): [string, string] => [name, id]),
  ...Object.entries(otherNames),
]);

/* In small letters, Greek ones by name, without signs of hand and brackets: "(−)-β-Pinene" is "beta pinene". */
function plain(name: string): string {
  return name
    .replaceAll("α", "alpha ")
    .replaceAll("β", "beta ")
    .replaceAll("γ", "gamma ")
    .replaceAll("δ", "delta ")
    .toLowerCase()
    .replace(/\(\s*[+±\-−]+\s*\)|\(?\b[rs]\)-/g, " ")
    .replace(/[^a-z0-9]+/g, " ")
    .trim();
}

/** The compound that a laboratory's name means; undefined where it is none of the book's. */
export function compoundNamed(name: string): string | undefined {
  const told = plain(name);
  return byName.get(told) ?? byName.get(told.replace(/^(cis|trans|e|z|d|l|p) /, ""));
}

/**
 * A chromatogram's peaks as mass fractions, areas taken for masses. Peaks of one compound are added; what is not known
 * by name is kept apart and makes no share.
 * @throws RangeError where no peak is known, or they are more than the whole
 */
export function readChromatogram(peaks: readonly Peak[]): Chromatogram {
  const grouped: Record<string, number> = {};
  const unmatched: Peak[] = [];
  for (const peak of peaks) {
    const id = compoundNamed(peak.name);
    if (id === undefined) unmatched.push(peak);
    else grouped[id] = Number(((grouped[id] ?? 0) + peak.percent / 100).toPrecision(6));
  }
  const whole = Object.values(grouped).reduce((sum, share) => sum + share, 0);
  if (!(whole > 0)) throw new RangeError("No line names a compound that Sereno knows.");
  const all = whole + unmatched.reduce((sum, { percent }) => sum + percent / 100, 0);
  if (all > 1.05)
    throw new RangeError(
      `The lines add up to ${Math.round(all * 100)} %: give each its share of the whole, in percent.`,
    );
  /* Rounded lines may come to a hair over the whole. */
  const over = Math.max(1, whole);
  return {
    composition: Object.fromEntries(
      Object.entries(grouped).map(([id, share]) => [id, share / over]),
    ),
    unmatched,
  };
}

import { plainNumber } from "@/core/units/format";
import {
  preservatives,
  preservedHow,
  type Filling,
  type Filtering,
  type Preserved,
  type PreservativeName,
} from "@/core/shelf/waterKeeping";

export const fillingWords: Record<Filling, string> = {
  open: "Open, by hand",
  rinsed: "Rinsed bottle",
  boiled: "Boiled bottle",
  hot: "Hot, boiled bottle",
};

export const filteringWords: Record<Filtering, string> = {
  paper: "Paper",
  fine: "0.2 µm",
};

const preservativeWords: Record<PreservativeName, string> = {
  sorbate: "potassium sorbate",
  benzoate: "sodium benzoate",
  sorbateAndBenzoate: "sorbate and benzoate",
  benzylAlcoholAcid: "benzyl alcohol and dehydroacetic acid",
  spirit: "drinking spirit",
};

/** A preservative with what it usually takes: "Potassium sorbate, 0.1 to 0.3 %, below pH 5.5". */
export function preservativeLine(name: PreservativeName): string {
  const row = preservatives[name];
  const words = preservativeWords[name];
  const ph = "mostPh" in row ? `, pH ${row.mostPh} or less` : "";
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}: ${row.percent[0]} to ${row.percent[1]} %${ph}`;
}

/** What was added: "with potassium sorbate 0.2 %". That it keeps the water nobody can promise on a label. */
export function addedWords({ with: name, percent }: Preserved): string {
  return `with ${preservativeWords[name]} ${plainNumber(percent)} %`;
}

/** Whether what was added works, and what to do where it does not; undefined where all is well. */
export function preservedProblem(preserved: Preserved, ph: number | undefined): string | undefined {
  const row = preservatives[preserved.with];
  const most = "mostPh" in row ? row.mostPh : undefined;
  return {
    works: undefined,
    tooLittle: `Too little to work: the usual is ${row.percent[0]} to ${row.percent[1]} %. The best-by is that of an unpreserved water.`,
    notSour: `It does nothing above pH ${most}: add citric acid drop by drop and measure again. The best-by is that of an unpreserved water.`,
    phUnknown: `It works at pH ${most} or less only: measure the pH. Until then the best-by is that of an unpreserved water.`,
  }[preservedHow(preserved, ph)];
}

import { plainNumber } from "@/core/units/format";
import {
  preservatives,
  preservedHow,
  type Filling,
  type Filtering,
  type Preserved,
  type PreservativeName,
} from "@/core/shelf/waterKeeping";
import { t } from "@/language/t";

export const fillingWords: Record<Filling, string> = {
  open: t`Open, by hand`,
  rinsed: t`Rinsed bottle`,
  boiled: t`Boiled bottle`,
  hot: t`Hot, boiled bottle`,
};

export const filteringWords: Record<Filtering, string> = {
  paper: t`Paper`,
  fine: "0.2 µm",
};

const preservativeWords: Record<PreservativeName, string> = {
  sorbate: t`potassium sorbate`,
  benzoate: t`sodium benzoate`,
  sorbateAndBenzoate: t`sorbate and benzoate`,
  benzylAlcoholAcid: t`benzyl alcohol and dehydroacetic acid`,
  spirit: t`drinking spirit`,
};

/** A preservative with what it usually takes: "Potassium sorbate, 0.1 to 0.3 %, below pH 5.5". */
export function preservativeLine(name: PreservativeName): string {
  const row = preservatives[name];
  const words = preservativeWords[name];
  const named = words.charAt(0).toUpperCase() + words.slice(1);
  const [low, high] = row.percent;
  return "mostPh" in row
    ? t`${named}: ${low} to ${high} %, pH ${row.mostPh} or less`
    : t`${named}: ${low} to ${high} %`;
}

/** What was added: "with potassium sorbate 0.2 %". That it keeps the water nobody can promise on a label. */
export function addedWords({ with: name, percent }: Preserved): string {
  return t`with ${preservativeWords[name]} ${plainNumber(percent)} %`;
}

/** Whether what was added works, and what to do where it does not; undefined where all is well. */
export function preservedProblem(preserved: Preserved, ph: number | undefined): string | undefined {
  const row = preservatives[preserved.with];
  const most = "mostPh" in row ? row.mostPh : undefined;
  return {
    works: undefined,
    tooLittle: t`Too little to work: the usual is ${row.percent[0]} to ${row.percent[1]} %. The best-by is that of an unpreserved water.`,
    notSour: t`It does nothing above pH ${most ?? ""}: add citric acid drop by drop and measure again. The best-by is that of an unpreserved water.`,
    phUnknown: t`It works at pH ${most ?? ""} or less only: measure the pH. Until then the best-by is that of an unpreserved water.`,
  }[preservedHow(preserved, ph)];
}

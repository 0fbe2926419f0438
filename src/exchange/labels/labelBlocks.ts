import { designs, type LabelRequest } from "./labelItems";
import { leastMm, leastNameMm, type Block } from "./setText";

/* What goes first where there is no room, the least missed first. The name and the code never go. */
export const goes = [
  "mark",
  "madeOf",
  "botanical",
  "made",
  "volume",
  "longCautions",
  "contains",
  "maker",
  "qr",
  "bestBy",
  "cautions",
] as const;
export type Goes = (typeof goes)[number];

/** A label's words as blocks, the name first, without what has gone. */
export function blocksOf(
  { text, design, nameTimes }: Pick<LabelRequest, "text" | "design"> & { nameTimes: number },
  without: ReadonlySet<Goes>,
): Block[] {
  const body = { face: "body" as const, least: leastMm, times: 1, gap: 0.15 };
  const named: Block[] = [
    {
      part: "name",
      text: text.name,
      face: designs[design].nameFace,
      times: nameTimes * designs[design].nameTimes,
      least: leastNameMm,
      colour: "ink",
      gap: 0,
    },
    { ...body, part: "kind", text: text.kind, times: 1.1, colour: "substance" },
  ];
  const rest: Block[] = [
    ...(text.botanical
      ? [{ ...body, part: "botanical" as const, text: text.botanical, colour: "soft" as const }]
      : []),
    ...(text.madeOf
      ? [
          {
            ...body,
            part: "madeOf" as const,
            text: text.madeOf,
            times: 0.9,
            colour: "ink" as const,
          },
        ]
      : []),
    { ...body, part: "volume", text: text.volume, face: "bold", colour: "ink", gap: 0.35 },
    { ...body, part: "made", text: text.made, colour: "ink" },
    { ...body, part: "bestBy", text: text.bestBy, colour: "ink" },
    { ...body, part: "code", text: text.code, face: "bold", times: 1.15, colour: "ink" },
    ...(["contains", "maker"] as const).flatMap((part) =>
      text[part]
        ? [{ ...body, part, text: text[part], times: 0.88, colour: "ink" as const, gap: 0.3 }]
        : [],
    ),
    ...(text.cautions.length > 0
      ? [
          {
            ...body,
            part: "cautions" as const,
            text: sentence(without.has("longCautions") ? text.fewCautions : text.cautions),
            times: 0.88,
            colour: "soft" as const,
            gap: 0.4,
          },
        ]
      : []),
  ];
  return [...named, ...rest].filter(({ part }) => !without.has(part as Goes));
}

/**
 * "Dilute before use. Not in pregnancy; keep from cats." What is a sentence stays one; the short words make another, in
 * the order in which they came.
 */
function sentence(cautions: readonly string[]): string {
  const whole = cautions.filter((each) => each.endsWith("."));
  const short = cautions.filter((each) => !each.endsWith(".")).join("; ");
  const joined = short ? [`${short.charAt(0).toUpperCase()}${short.slice(1)}.`] : [];
  const wholeFirst = cautions[0]?.endsWith(".") ?? false;
  return (wholeFirst ? [...whole, ...joined] : [...joined, ...whole]).join(" ");
}

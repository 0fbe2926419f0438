import type { Rang } from "@/instruments/alarmWatch";
import { t } from "@/language/t";
import type { DebriefAnswer } from "@/messages/practiceMessages";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import {
  actWords,
  figureWords,
  harmWords,
  practiceFaultWords,
  signWords,
} from "@/words/practiceWords";

/** Whose doing something on the time line was: the still's, what could be known, Sereno's, the person's. */
export const lanes = ["happened", "known", "rang", "done"] as const;
export type Lane = (typeof lanes)[number];

/** Something on the time line, at a second from heat on. */
export interface Mark {
  lane: Lane;
  second: number;
  text: string;
  /** It lasted until then. */
  until?: number;
  danger?: true;
}

/** All that stands on an exercise's time line, in the order that it happened. */
export function timeLine(
  record: ExerciseRecord,
  run: Run,
  { faults, harm }: DebriefAnswer,
  rang: readonly (Rang & { text: string })[],
): Mark[] {
  const end = record.endedAt ?? 0;
  const litAt = Date.parse(run.entries[0]?.at ?? run.createdAt);
  const marks: Mark[] = [
    ...faults.flatMap(({ fault, began, mended, signs, figures }): Mark[] => [
      {
        lane: "happened",
        second: began,
        until: mended ?? end,
        text: practiceFaultWords[fault].name,
      },
      ...firstOfEach(signs, ({ sense }) => sense).map(({ second, sign }): Mark => ({
        lane: "known",
        second,
        text: signWords[sign],
      })),
      ...figures.slice(0, 2).map(({ channel, second }): Mark => ({
        lane: "known",
        second,
        text: t`${figureWords[channel]} tells`,
      })),
    ]),
    ...rang.map(({ second, text, urgency }): Mark => ({
      lane: "rang",
      second,
      text,
      ...(urgency === "danger" ? { danger: true } : {}),
    })),
    ...record.acts.map(({ second, code }): Mark => ({
      lane: "done",
      second,
      text: actWords[code].done,
    })),
    ...run.entries.flatMap((entry): Mark[] => {
      const second = Math.round((Date.parse(entry.at) - litAt) / 1000);
      return entry.type === "reading" ? [{ lane: "done", second, text: t`Read` }] : [];
    }),
    ...(harm
      ? [
          {
            lane: "happened" as const,
            second: end,
            text: harmWords[harm].name,
            danger: true as const,
          },
        ]
      : []),
  ];
  return marks
    .filter(({ second }) => second <= end)
    .sort((a, b) => a.second - b.second || lanes.indexOf(a.lane) - lanes.indexOf(b.lane));
}

function firstOfEach<T>(items: readonly T[], by: (item: T) => unknown): T[] {
  const seen = new Set<unknown>();
  return items.filter((item) => !seen.has(by(item)) && Boolean(seen.add(by(item))));
}

import { showDuration } from "@/core/units/format";
import type { Alarm } from "@/core/run/alarms";
import type { Cue } from "@/core/run/nextCue";
import type { UnitSystem } from "@/core/units/units";
import { alarmWords, cueWords, type Said } from "./cueWords";
import type { LiveRun } from "@/logbook/run/liveRun";

/** One thing that a run asks of the person, in words. */
export interface Prompt extends Said {
  /** danger: heat off first. now: do it now. later: be ready for it. */
  level: "danger" | "now" | "later";
  /** Minutes from now; 0 or less when it is due. */
  minutes: number;
  /** It is wrong, rather than next. */
  alarm: boolean;
  /** What it is about: the same for an alarm and a cue that say one thing. */
  subject: string;
}

/* An alarm and a cue of one subject say the same thing twice. */
const subjects: Partial<Record<Alarm["code"] | Cue["code"], string>> = {
  topUp: "dryLine",
  checkTub: "tubWarm",
  swapJar: "jarFull",
  emptyBowl: "bowlFull",
  boil: "boilLate",
  firstDrop: "noFirstDrop",
};

const order = { danger: 0, now: 1, later: 2 };

/**
 * All that a run asks for: what is dangerous first, then what is wrong, then what is due, then what
 * is to come by its time; each subject once. Empty when nothing is on the heat.
 */
export function whatNow(
  { alarms, cues }: Pick<LiveRun, "alarms" | "cues">,
  units: UnitSystem,
): Prompt[] {
  const asked = [...alarms.map((alarm) => ofAlarm(alarm, units)), ...cues.map(ofCue)].sort(
    soonestFirst,
  );
  const seen = new Set<string>();
  return asked.filter(({ subject }) => !seen.has(subject) && seen.add(subject));
}

/** Whether anything asks for the heat to go off at once. */
export function anyDanger(run: Pick<LiveRun, "alarms" | "cues">): boolean {
  return whatNow(run, "metric").some(({ level }) => level === "danger");
}

/** The order in which to do things, of one run or of several. */
export function soonestFirst(a: Prompt, b: Prompt): number {
  return (
    order[a.level] - order[b.level] ||
    (a.level === "later" ? 0 : Number(b.alarm) - Number(a.alarm)) ||
    a.minutes - b.minutes
  );
}

function ofAlarm(alarm: Alarm, units: UnitSystem): Prompt {
  const { code, urgency, minutes } = alarm;
  return {
    ...alarmWords(alarm, inWords(minutes), units),
    level: urgency === "act" ? "now" : urgency === "soon" ? "later" : "danger",
    minutes,
    alarm: true,
    subject: code,
  };
}

function ofCue(cue: Cue): Prompt {
  const { code, minutes, danger } = cue;
  return {
    ...cueWords(cue, inWords(minutes)),
    level: minutes > 0 && !danger ? "later" : danger && minutes <= 0 ? "danger" : "now",
    minutes,
    alarm: false,
    subject: subjects[code] ?? code,
  };
}

const inWords = (minutes: number) => showDuration(Math.max(0, minutes));

import fc from "fast-check";
import type { Alarm } from "@/core/run/alarms";
import type { Cue } from "@/core/run/nextCue";
import { whatNow } from "./whatNow";

const cue = (code: Cue["code"], minutes: number, danger = false): Cue => ({
  code,
  minutes,
  danger,
});
const alarm = (code: Alarm["code"], urgency: Alarm["urgency"], minutes = 0): Alarm => ({
  code,
  urgency,
  minutes,
});
const said = (alarms: Alarm[], cues: Cue[]) =>
  whatNow({ alarms, cues }, "metric").map(({ subject, level }) => `${subject}:${level}`);

test.each<[string, Alarm[], Cue[], string[]]>([
  ["a calm run says what is next", [], [cue("heatOff", 20)], ["heatOff:later"]],
  [
    "danger stands before a cue that is due",
    [alarm("outletHot", "danger")],
    [cue("turnDown", 0), cue("heatOff", 30)],
    ["outletHot:danger", "turnDown:now", "heatOff:later"],
  ],
  [
    "what is wrong stands before what is due",
    [alarm("rateFell", "act")],
    [cue("firstCut", -4)],
    ["rateFell:now", "firstCut:now"],
  ],
  [
    "an alarm that is only near waits its turn",
    [alarm("tubWarm", "soon", 8)],
    [cue("firstCut", 3), cue("heatOff", 40)],
    ["firstCut:later", "tubWarm:later", "heatOff:later"],
  ],
  [
    "the same thing is said once",
    [alarm("jarFull", "soon", 2), alarm("dryLine", "act", 9)],
    [cue("dryLine", 9, true), cue("swapJar", 2)],
    ["dryLine:now", "jarFull:later"],
  ],
])("%s", (_, alarms, cues, expected) => {
  expect(said(alarms, cues)).toEqual(expected);
});

const urgencies = fc.constantFrom<Alarm["urgency"]>("danger", "act", "soon");
const minutes = fc.double({ min: -60, max: 600, noNaN: true });
const anyAlarm = fc.record({
  code: fc.constantFrom<Alarm["code"]>("dryLine", "outletHot", "tubWarm", "jarFull", "headFell"),
  urgency: urgencies,
  minutes,
});
const anyCue = fc.record({
  code: fc.constantFrom<Cue["code"]>("dryLine", "heatOff", "swapJar", "checkTub", "turnDown"),
  minutes,
  danger: fc.boolean(),
});

test("nothing dangerous is ever behind something that is not, and nothing is lost", () => {
  fc.assert(
    fc.property(fc.array(anyAlarm), fc.array(anyCue), (alarms, cues) => {
      const asked = whatNow({ alarms, cues }, "metric");
      const levels = asked.map(({ level }) => ["danger", "now", "later"].indexOf(level));
      expect(levels).toEqual(levels.toSorted((a, b) => a - b));
      const dangers = alarms.filter(({ urgency }) => urgency === "danger");
      for (const { code } of dangers)
        expect(asked.find(({ subject }) => subject === code)?.level).toBe("danger");
      expect(asked.length > 0).toBe(alarms.length + cues.length > 0);
    }),
  );
});

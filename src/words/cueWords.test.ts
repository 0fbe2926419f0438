import { alarmCodes } from "@/core/run/alarms";
import { cueCodes } from "@/core/run/nextCue";
import { alarmWords, cueWords } from "./cueWords";

test.each(cueCodes)("the cue %s says what to do and why, late or not", (code) => {
  for (const minutes of [-1, 6]) {
    const { say, because } = cueWords({ code, minutes, danger: false }, "6 min");
    expect(say).toMatch(/^[A-Z]/);
    expect(because).toMatch(/[.?!]$/);
    expect(`${say} ${because}`).not.toMatch(/undefined|NaN/);
  }
});

test.each(alarmCodes)("the alarm %s says what is wrong and what to do, however urgent", (code) => {
  for (const urgency of ["danger", "act", "soon"] as const) {
    const { say, because } = alarmWords({ code, urgency, minutes: 2 }, "2 min", "us");
    expect(say).toMatch(/^[A-Z]/);
    expect(because).toMatch(/[.?!]$/);
    expect(`${say} ${because}`).not.toMatch(/undefined|NaN|°C/);
  }
});

test("what is dangerous begins with the heat", () => {
  for (const code of ["outletHot", "noFirstDrop", "dryLine"] as const)
    expect(alarmWords({ code, urgency: "danger", minutes: 0 }, "", "metric").say).toMatch(
      /heat off/i,
    );
});

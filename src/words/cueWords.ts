import { showTemperature, words } from "@/core/units/format";
import type { Alarm } from "@/core/run/alarms";
import type { Cue } from "@/core/run/nextCue";
import { safety } from "@/core/safety";
import type { UnitSystem } from "@/core/units/units";

/** What to say at the still: what to do, and what it rests on. */
export interface Said {
  say: string;
  because: string;
}

/** A cue in the craft's words. `inMinutes` is how long until then, in words. */
export function cueWords({ code, minutes }: Cue, inMinutes: string): Said {
  return cueSays[code](minutes <= 0, inMinutes);
}

const cueSays: Record<Cue["code"], (late: boolean, inMinutes: string) => Said> = {
  coolingOn: (_late, inMinutes) => ({
    say: `Cooling on in ${inMinutes}`,
    because: "Before the first vapour. In at the bottom, out at the top.",
  }),
  iceOn: (_late, inMinutes) => ({
    say: `Ice on the lid in ${inMinutes}`,
    because: "Before the first vapour. The lid lies loose, its lowest point over the bowl.",
  }),
  boilUnderIce: (late, inMinutes) =>
    late
      ? {
          say: "It should boil by now",
          because: "Listen for it. If it is quiet, check the heat and the lid.",
        }
      : {
          say: `Boils in about ${inMinutes}`,
          because: "Ice on the lid now, before the first vapour.",
        },
  firstDropUnderLid: (late, inMinutes) =>
    late
      ? {
          say: "Drops should hang on the lid",
          because: "Lift its edge away from you for a moment, look, then note the first drop.",
        }
      : {
          say: `First drops on the lid in about ${inMinutes}`,
          because: "Then turn the heat down: it only has to simmer.",
        },
  boil: (late, inMinutes) =>
    late
      ? {
          say: "It should boil by now",
          because: "Listen for it. If it is quiet, check the heat and the lid.",
        }
      : {
          say: `Boils in about ${inMinutes}`,
          because: "Cooling on now, before the first vapour.",
        },
  firstDrop: (late, inMinutes) =>
    late
      ? {
          say: "The first drop is due",
          because: "No drop soon: look for a leak, or plant packed too tight.",
        }
      : {
          say: `First drop in about ${inMinutes}`,
          because: "Then turn the heat down: about a drop a second is gentle.",
        },
  turnDown: () => ({
    say: "Turn the heat down now",
    because: "The plan runs it gently from the first drop.",
  }),
  firstCut: (late, inMinutes) =>
    late
      ? { say: "Change the jar now: the first cut", because: "It holds most of the scent." }
      : { say: `First cut in ${inMinutes}`, because: "Have the next jar clean and at hand." },
  keep: (late, inMinutes) =>
    late
      ? {
          say: "Change the jar now: the hydrosol is in",
          because: "What comes now has little scent. It is for the oil.",
        }
      : {
          say: `Hydrosol worth keeping is in after ${inMinutes}`,
          because: "Then use another jar. The rest is for the oil.",
        },
  notes: (late, inMinutes) =>
    late
      ? {
          say: "Change the jar now: the smell turns",
          because: "Go by your nose more than by this.",
        }
      : { say: `The smell turns in ${inMinutes}`, because: "Have the next jar clean and at hand." },
  swapJar: (late, inMinutes) =>
    late
      ? { say: "Change the jar now", because: "It is nine tenths full." }
      : { say: `Change the jar in ${inMinutes}`, because: "Have the next one clean and at hand." },
  emptyBowl: (late, inMinutes) =>
    late
      ? {
          say: "The bowl is two thirds full: heat off",
          because: "Let it cool, lift the bowl out level, then go on or stop.",
        }
      : {
          say: `Bowl two thirds full in ${inMinutes}`,
          because: "Have a clean jar ready to empty it into, with the heat off.",
        },
  tendLid: (late, inMinutes) =>
    late
      ? {
          say: "Melt water off the lid, new ice on",
          because: "A warm lid lets steam and oil out at its edge.",
        }
      : { say: `New ice on the lid in ${inMinutes}`, because: "Take the melt water off first." },
  lookUnderLid: (late, inMinutes) =>
    late
      ? {
          say: "Look under the lid",
          because: "Bowl below two thirds, water still under it? Lift the lid away from you.",
        }
      : { say: `Look under the lid in ${inMinutes}`, because: "Each look lets steam out." },
  checkTub: (late, inMinutes) =>
    late
      ? { say: "Cool the tub now", because: "Warmer than its limit, oil is lost to the air." }
      : {
          say: `Check the tub in ${inMinutes}`,
          because: "It comes near its limit: ice at hand.",
        },
  topUp: (_late, inMinutes) => ({
    say: `Top up or stop in ${inMinutes}`,
    because: "The pot comes to its dry line before the run is done. Hot water only.",
  }),
  heatOff: (late, inMinutes) =>
    late
      ? { say: "Heat off now", because: "The plan ends here." }
      : { say: `Heat off in about ${inMinutes}`, because: "As you planned." },
  dryLine: (late, inMinutes) =>
    late
      ? {
          say: "Heat off now: the pot is at its dry line",
          because: "Do not open it and do not add cold water. Let it cool.",
        }
      : {
          say: `Dry line in ${inMinutes}`,
          because: "Heat off before then, or add hot water if your still allows it.",
        },
};

/** An alarm in the craft's words: what is wrong and what to do, the dangerous thing first. */
export function alarmWords(alarm: Alarm, inMinutes: string, units: UnitSystem): Said {
  return alarmSays[alarm.code](alarm, inMinutes, units);
}

const alarmSays: Record<
  Alarm["code"],
  (alarm: Alarm, inMinutes: string, units: UnitSystem) => Said
> = {
  dryLine: ({ urgency, minutes }, inMinutes) =>
    urgency === "danger"
      ? {
          say: "Heat off now, do not open",
          because: minutes > 0 ? `The pot is dry in ${inMinutes}.` : "The pot is at its dry line.",
        }
      : {
          say: `Pot at the dry line in ${inMinutes}`,
          because: "Hot water in through the port, or heat off before then.",
        },
  outletHot: () => ({
    say: "Heat off now: vapour at the outlet",
    because: "The condenser does not cool it. Keep flames away, then check the cooling.",
  }),
  outletWarm: (_alarm, _inMinutes, units) => ({
    say: "Outlet is warm: turn down, or cool more",
    because: `Above ${words(showTemperature(safety.warmOutletC, units))} oil is lost to the air.`,
  }),
  coolingHot: (_alarm, _inMinutes, units) => ({
    say: "Cooling water leaves hot: more water, or less heat",
    because: `At ${words(showTemperature(safety.hotCoolingC, units))} it takes up hardly any more, and vapour comes through.`,
  }),
  noFirstDrop: () => ({
    say: "No drop where one should come: heat off",
    because: "The steam goes somewhere else. Let it cool, then look for a leak or a blocked path.",
  }),
  boilLate: () => ({
    say: "It does not boil when it should",
    because: "Check heat, lid and draught. Is there more water than planned?",
  }),
  boilEarly: () => ({
    say: "It boils much sooner than planned: look at the water",
    because: "Less water than planned, or more heat. With hot water from the kettle all is well.",
  }),
  rateHigh: () => ({
    say: "It drips much faster than planned",
    because: "Is the heat higher than the plan's? Turn it down before the outlet gets warm.",
  }),
  rateFell: () => ({
    say: "It drips much slower than planned",
    because: "Look for a leak, a lower flame, or a blocked path.",
  }),
  headFell: () => ({
    say: "The head cools down",
    because: "Less steam than before: heat, water, or a leak.",
  }),
  headHigh: () => ({
    say: "Heat off now: pressure rises in the still",
    because: "The head is hotter than free steam can be. Step back, open nothing, let it cool.",
  }),
  tubWarm: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? { say: "The tub is too warm: add ice now", because: "Or change its water, from the top." }
      : { say: `Tub too warm in ${inMinutes}`, because: "Have ice or cold water at hand." },
  jarFull: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? { say: "Change the jar now", because: "It is nine tenths full." }
      : { say: `Jar full in ${inMinutes}`, because: "Have the next one clean and at hand." },
  bowlFull: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? {
          say: "The bowl is two thirds full: heat off",
          because: "What comes now runs over into the pot. Let it cool before you lift it out.",
        }
      : {
          say: `Bowl two thirds full in ${inMinutes}`,
          because: "Have a clean jar ready, and turn the heat off before you lift the bowl.",
        },
  notExplained: () => ({
    say: "This is not the run that was planned",
    because: "See under Forecast what usually does it.",
  }),
};

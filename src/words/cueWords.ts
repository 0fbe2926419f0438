import { showTemperature, words } from "@/core/units/format";
import type { Alarm } from "@/core/run/alarms";
import type { Cue } from "@/core/run/nextCue";
import { safety } from "@/core/safety";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

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
    say: t`Cooling on in ${inMinutes}`,
    because: t`Before the first vapour. In at the bottom, out at the top.`,
  }),
  iceOn: (_late, inMinutes) => ({
    say: t`Ice on the lid in ${inMinutes}`,
    because: t`Before the first vapour. The lid lies loose, its lowest point over the bowl.`,
  }),
  boilUnderIce: (late, inMinutes) =>
    late
      ? {
          say: t`It should boil by now`,
          because: t`Listen for it. If it is quiet, check the heat and the lid.`,
        }
      : {
          say: t`Boils in about ${inMinutes}`,
          because: t`Ice on the lid now, before the first vapour.`,
        },
  firstDropUnderLid: (late, inMinutes) =>
    late
      ? {
          say: t`Drops should hang on the lid`,
          because: t`Lift its edge away from you for a moment, look, then note the first drop.`,
        }
      : {
          say: t`First drops on the lid in about ${inMinutes}`,
          because: t`Then turn the heat down: it only has to simmer.`,
        },
  boil: (late, inMinutes) =>
    late
      ? {
          say: t`It should boil by now`,
          because: t`Listen for it. If it is quiet, check the heat and the lid.`,
        }
      : {
          say: t`Boils in about ${inMinutes}`,
          because: t`Cooling on now, before the first vapour.`,
        },
  firstDrop: (late, inMinutes) =>
    late
      ? {
          say: t`The first drop is due`,
          because: t`No drop soon: look for a leak, or plant packed too tight.`,
        }
      : {
          say: t`First drop in about ${inMinutes}`,
          because: t`Then turn the heat down: about a drop a second is gentle.`,
        },
  turnDown: () => ({
    say: t`Turn the heat down now`,
    because: t`The plan runs it gently from the first drop.`,
  }),
  firstCut: (late, inMinutes) =>
    late
      ? { say: t`Change the jar now: the first cut`, because: t`It holds most of the scent.` }
      : { say: t`First cut in ${inMinutes}`, because: t`Have the next jar clean and at hand.` },
  keep: (late, inMinutes) =>
    late
      ? {
          say: t`Change the jar now: the hydrosol is in`,
          because: t`What comes now has little scent. It is for the oil.`,
        }
      : {
          say: t`Hydrosol worth keeping is in after ${inMinutes}`,
          because: t`Then use another jar. The rest is for the oil.`,
        },
  notes: (late, inMinutes) =>
    late
      ? {
          say: t`Change the jar now: the smell turns`,
          because: t`Go by your nose more than by this.`,
        }
      : {
          say: t`The smell turns in ${inMinutes}`,
          because: t`Have the next jar clean and at hand.`,
        },
  swapJar: (late, inMinutes) =>
    late
      ? { say: t`Change the jar now`, because: t`It is nine tenths full.` }
      : {
          say: t`Change the jar in ${inMinutes}`,
          because: t`Have the next one clean and at hand.`,
        },
  emptyBowl: (late, inMinutes) =>
    late
      ? {
          say: t`The bowl is two thirds full: heat off`,
          because: t`Let it cool, lift the bowl out level, then go on or stop.`,
        }
      : {
          say: t`Bowl two thirds full in ${inMinutes}`,
          because: t`Have a clean jar ready to empty it into, with the heat off.`,
        },
  tendLid: (late, inMinutes) =>
    late
      ? {
          say: t`Melt water off the lid, new ice on`,
          because: t`A warm lid lets steam and oil out at its edge.`,
        }
      : { say: t`New ice on the lid in ${inMinutes}`, because: t`Take the melt water off first.` },
  lookUnderLid: (late, inMinutes) =>
    late
      ? {
          say: t`Look under the lid`,
          because: t`Bowl below two thirds, water still under it? Lift the lid away from you.`,
        }
      : { say: t`Look under the lid in ${inMinutes}`, because: t`Each look lets steam out.` },
  checkTub: (late, inMinutes) =>
    late
      ? { say: t`Cool the tub now`, because: t`Warmer than its limit, oil is lost to the air.` }
      : {
          say: t`Check the tub in ${inMinutes}`,
          because: t`It comes near its limit: ice at hand.`,
        },
  topUp: (_late, inMinutes) => ({
    say: t`Top up or stop in ${inMinutes}`,
    because: t`The pot comes to its dry line before the run is done. Hot water only.`,
  }),
  heatOff: (late, inMinutes) =>
    late
      ? { say: t`Heat off now`, because: t`The plan ends here.` }
      : { say: t`Heat off in about ${inMinutes}`, because: t`As you planned.` },
  dryLine: (late, inMinutes) =>
    late
      ? {
          say: t`Heat off now: the pot is at its dry line`,
          because: t`Do not open it and do not add cold water. Let it cool.`,
        }
      : {
          say: t`Dry line in ${inMinutes}`,
          because: t`Heat off before then, or add hot water if your still allows it.`,
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
          say: t`Heat off now, do not open`,
          because:
            minutes > 0 ? t`The pot is dry in ${inMinutes}.` : t`The pot is at its dry line.`,
        }
      : {
          say: t`Pot at the dry line in ${inMinutes}`,
          because: t`Hot water in through the port, or heat off before then.`,
        },
  outletHot: () => ({
    say: t`Heat off now: vapour at the outlet`,
    because: t`The condenser does not cool it. Keep flames away, then check the cooling.`,
  }),
  outletWarm: (_alarm, _inMinutes, units) => ({
    say: t`Outlet is warm: turn down, or cool more`,
    because: t`Above ${words(showTemperature(safety.warmOutletC, units))} oil is lost to the air.`,
  }),
  coolingHot: (_alarm, _inMinutes, units) => ({
    say: t`Cooling water leaves hot: more water, or less heat`,
    because: t`At ${words(showTemperature(safety.hotCoolingC, units))} it takes up hardly any more, and vapour comes through.`,
  }),
  noFirstDrop: () => ({
    say: t`No drop where one should come: heat off`,
    because: t`The steam goes somewhere else. Let it cool, then look for a leak or a blocked path.`,
  }),
  boilLate: () => ({
    say: t`It does not boil when it should`,
    because: t`Check heat, lid and draught. Is there more water than planned?`,
  }),
  boilEarly: () => ({
    say: t`It boils much sooner than planned: look at the water`,
    because: t`Less water than planned, or more heat. With hot water from the kettle all is well.`,
  }),
  rateHigh: () => ({
    say: t`It drips much faster than planned`,
    because: t`Is the heat higher than the plan's? Turn it down before the outlet gets warm.`,
  }),
  rateFell: () => ({
    say: t`It drips much slower than planned`,
    because: t`Look for a leak, a lower flame, or a blocked path.`,
  }),
  headFell: () => ({
    say: t`The head cools down`,
    because: t`Less steam than before: heat, water, or a leak.`,
  }),
  headHigh: () => ({
    say: t`Heat off now: pressure rises in the still`,
    because: t`The head is hotter than free steam can be. Step back, open nothing, let it cool.`,
  }),
  tubWarm: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? { say: t`The tub is too warm: add ice now`, because: t`Or change its water, from the top.` }
      : { say: t`Tub too warm in ${inMinutes}`, because: t`Have ice or cold water at hand.` },
  jarFull: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? { say: t`Change the jar now`, because: t`It is nine tenths full.` }
      : { say: t`Jar full in ${inMinutes}`, because: t`Have the next one clean and at hand.` },
  bowlFull: ({ urgency }, inMinutes) =>
    urgency === "act"
      ? {
          say: t`The bowl is two thirds full: heat off`,
          because: t`What comes now runs over into the pot. Let it cool before you lift it out.`,
        }
      : {
          say: t`Bowl two thirds full in ${inMinutes}`,
          because: t`Have a clean jar ready, and turn the heat off before you lift the bowl.`,
        },
  notExplained: () => ({
    say: t`This is not the run that was planned`,
    because: t`See under Forecast what usually does it.`,
  }),
};

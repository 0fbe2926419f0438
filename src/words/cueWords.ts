import type { Alarm, Cue } from "@/core";

/** What to say at the still: what to do, and what it rests on. */
export interface Said {
  say: string;
  because: string;
}

/** A cue in the craft's words. `inMinutes` is how long until then, in words. */
export function cueWords({ code, minutes }: Cue, inMinutes: string): Said {
  const late = minutes <= 0;
  switch (code) {
    case "coolingOn":
      return {
        say: `Cooling on in ${inMinutes}`,
        because: "Before the first vapour. In at the bottom, out at the top.",
      };
    case "boil":
      return late
        ? {
            say: "It should boil by now",
            because: "Listen for it. If it is quiet, check the heat and the lid.",
          }
        : {
            say: `Boils in about ${inMinutes}`,
            because: "Cooling on now, before the first vapour.",
          };
    case "firstDrop":
      return late
        ? {
            say: "The first drop is due",
            because: "No drop soon: look for a leak, or plant packed too tight.",
          }
        : {
            say: `First drop in about ${inMinutes}`,
            because: "Then turn the heat down: about a drop a second is gentle.",
          };
    case "turnDown":
      return {
        say: "Turn the heat down now",
        because: "The plan runs it gently from the first drop.",
      };
    case "firstCut":
      return late
        ? { say: "Swap the jar now: the first cut", because: "It holds most of the scent." }
        : { say: `First cut in ${inMinutes}`, because: "Have the next jar clean and at hand." };
    case "swapJar":
      return late
        ? { say: "Swap the jar now", because: "It is nine tenths full." }
        : { say: `Swap jar in ${inMinutes}`, because: "Have the next one clean and at hand." };
    case "checkTub":
      return late
        ? { say: "Cool the tub now", because: "Past its limit oil leaves with the air." }
        : {
            say: `Check the tub in ${inMinutes}`,
            because: "It comes near its limit: ice at hand.",
          };
    case "topUp":
      return {
        say: `Top up or stop in ${inMinutes}`,
        because: "The pot comes to its dry line before the run is done. Hot water only.",
      };
    case "heatOff":
      return late
        ? { say: "Heat off now", because: "The plan's end is reached." }
        : { say: `Heat off in about ${inMinutes}`, because: "By the stop you planned." };
    case "dryLine":
      return late
        ? {
            say: "Heat off now: the pot is at its dry line",
            because: "Do not open it and do not add cold water. Let it cool.",
          }
        : {
            say: `Dry line in ${inMinutes}`,
            because: "Heat off before then, or add hot water if your still allows it.",
          };
  }
}

/** An alarm in the craft's words: what is wrong and what to do, the dangerous thing first. */
export function alarmWords({ code, urgency, minutes }: Alarm, inMinutes: string): Said {
  switch (code) {
    case "dryLine":
      return urgency === "danger"
        ? {
            say: "Heat off now, do not open",
            because:
              minutes > 0 ? `The pot is dry in ${inMinutes}.` : "The pot is at its dry line.",
          }
        : {
            say: `Pot at the dry line in ${inMinutes}`,
            because: "Hot water in through the port, or heat off before then.",
          };
    case "outletHot":
      return {
        say: "Heat off now: vapour at the outlet",
        because: "The condenser does not hold it. Keep flame away; then see to the cooling.",
      };
    case "outletWarm":
      return {
        say: "Outlet is warm: turn down, or cool more",
        because: "Above 40 °C oil leaves with the air.",
      };
    case "noFirstDrop":
      return {
        say: "No drop where one should be: heat off",
        because: "Steam goes somewhere. Let it cool, then look for a leak or a stopped path.",
      };
    case "boilLate":
      return {
        say: "It does not boil when it should",
        because: "Look at heat, lid and draught. More water than planned?",
      };
    case "rateFell":
      return {
        say: "It drips much slower than planned",
        because: "Look for a leak, a lower flame, or steam that found no way.",
      };
    case "headFell":
      return {
        say: "The head cools down",
        because: "Less steam than before: heat, water, or a leak.",
      };
    case "tubWarm":
      return urgency === "act"
        ? { say: "The tub is too warm: add ice now", because: "Or swap its water, from the top." }
        : { say: `Tub too warm in ${inMinutes}`, because: "Have ice or cold water at hand." };
    case "jarFull":
      return urgency === "act"
        ? { say: "Swap the jar now", because: "It is nine tenths full." }
        : { say: `Jar full in ${inMinutes}`, because: "Have the next one clean and at hand." };
    case "notExplained":
      return {
        say: "This is not the run that was planned",
        because: "See under Forecast what usually does it.",
      };
  }
}

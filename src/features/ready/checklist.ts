import type { Plant } from "@/core/plant/plant";
import { constructionOf } from "@/core/still/constructions";
import { heatSourceOf } from "@/core/still/heatSources";
import { type Method, catchesIn } from "@/core/still/methods";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";

/** One thing to see with one's own eyes before the heat goes on. */
export interface CheckItem {
  id: string;
  label: string;
  reason: string;
  /** A part that some stills do not have: may be marked so, once. */
  optional?: true;
}

interface Setting {
  still: Pick<Still, "construction" | "metal" | "heat" | "condenser" | "calibration">;
  plan: Pick<Run["plan"], "method">;
  plant?: Pick<Plant, "hazards" | "froths">;
  /** Amounts in the person's units. */
  water: string;
  dryLine: string;
  cooling: string;
  /** Ice that the plan needs, where it needs any. */
  ice?: string;
  /** Below which the oil sets, where it does. */
  setsBelow?: string;
  /** Another plant that was in this still before, and whether its smell clings. */
  before?: { name: string; clings: boolean };
  /** Gas that the run burns, where it burns any. */
  gas?: string;
}

/** The checks that fit this still, this heat, this method and this plant, in the order of the hands. */
export function checklist(setting: Setting): CheckItem[] {
  const { still, plan, plant, water, dryLine } = setting;
  const catches = catchesIn(plan.method);
  const bowl = catches === "bowl";
  const { heat } = still;
  const { hazard } = heatSourceOf(heat.kind);
  const items: (CheckItem | false | undefined)[] = [
    {
      id: "plant",
      label: t`The plant is what I think it is`,
      reason: t`A look-alike in the still is a poison in the bottle.`,
    },
    cleanStill(setting),
    {
      id: "water",
      label: t`Water is in: ${water}, above the dry line at ${dryLine}`,
      reason: t`A dry pot scorches, and a dry element burns out. Water that you would drink, soft where you can choose.`,
    },
    still.metal === "glass" && {
      id: "chips",
      label: t`Boiling chips are in`,
      reason: t`Water in glass boils in bumps without them.`,
    },
    ...loading(plan.method, plant),
    !bowl && {
      id: "joints",
      label:
        still.metal === "glass"
          ? t`Joints are clean and wetted, or thinly greased; clips hold them; no glass is cracked`
          : t`Joints and seals are tight, none is cracked`,
      reason:
        still.metal === "glass"
          ? t`A dry joint leaks and sticks, a thick smear ends in the oil, and glass without clips lifts apart.`
          : t`A leak takes the oil first: it is in the steam.`,
    },
    ...path(bowl),
    constructionOf(still.construction).canShut && {
      id: "weight",
      label: t`Weight or valve is off the lid, nothing closes the way to the condenser`,
      reason: t`This pot was made to hold pressure. Shut, it bursts where hose or joint is weak.`,
    },
    ...cooling(setting, bowl),
    catches === "trap" && {
      id: "trap",
      label: t`Trap is filled with water to its overflow, its way back is open`,
      reason: t`An empty trap sends the first oil back into the pot.`,
    },
    catches === "jar" && {
      id: "jar",
      label: t`A clean jar is under the outlet, open to the air`,
      reason: t`The first distillate brings the most oil.`,
    },
    ...heating(setting),
    {
      id: "room",
      label:
        hazard === "flame"
          ? t`Open low and high, carbon monoxide alarm on; gloves and extinguisher at hand`
          : t`Window open, gloves and extinguisher at hand`,
      reason:
        hazard === "flame"
          ? t`A flame in a closed shed makes a gas that nobody smells, and it kills. Steam burns skin.`
          : t`Steam burns skin and takes the air out of a small room.`,
    },
    {
      id: "stay",
      label: t`Nobody leaves it alone, children and pets are out`,
      reason: t`Things go wrong in minutes.`,
    },
  ];
  return items.filter((item) => item !== false && item !== undefined);
}

function cleanWords(before: string | undefined, copper: boolean): string {
  if (before === undefined)
    return copper ? t`Still is clean, no green or blue salts in it` : t`Still is clean`;
  return copper
    ? t`Still is clean of ${before}, no green or blue salts in it`
    : t`Still is clean of ${before}`;
}

function cleanStill({ still, before }: Setting): CheckItem {
  if (!still.calibration)
    return {
      id: "clean",
      label: t`Clean run is done, and its drip rate counted`,
      reason: t`It rinses the still and calibrates the plan in one go.`,
    };
  const copper = still.metal === "copper";
  return {
    id: "clean",
    label: cleanWords(before?.name, copper),
    reason: [
      before?.clings
        ? t`That plant tastes through: steam the still with water and a little spirit, and wash seals and hoses.`
        : t`The last plant's oil is in the first drops of the next.`,
      copper ? t`Copper's salts are poisonous: citric acid takes them off, then rinse.` : "",
    ]
      .filter(Boolean)
      .join(" "),
  };
}

function loading(method: Method, plant: Setting["plant"]): (CheckItem | false | undefined)[] {
  return [
    method === "steam" && {
      id: "seat",
      label: t`No plant lies in the seal's seat`,
      reason: t`A single leaf there leaks steam for the whole run.`,
    },
    method === "steam" && {
      id: "headspace",
      label: t`The headspace above the plant is free`,
      reason: t`Wet plant swells into the vapour path.`,
    },
    (method === "hydro" || method === "cohobation") && {
      id: "fill",
      label: t`The pot is not fuller than planned`,
      reason: plant?.froths
        ? t`This plant froths and climbs into the head.`
        : t`Boiling plant rises and climbs into the head.`,
    },
    method === "bowl" && {
      id: "bowl",
      label: t`Bowl is clean, empty and firm above the water`,
      reason: t`A bowl that floats tips, and what was in it is lost.`,
    },
    method === "bowl" && {
      id: "lid",
      label: t`Lid lies upside down, its lowest point over the bowl`,
      reason: t`Drops run to the lowest point and fall there.`,
    },
    method === "bowl" && {
      id: "lidIce",
      label: t`Ice for the lid is at hand, and something to take the melt water off`,
      reason: t`The lid is the condenser: once it is warm, steam and oil leave at its edge.`,
    },
  ];
}

function path(bowl: boolean): CheckItem[] {
  if (bowl)
    return [
      {
        id: "path",
        label: t`The lid lies loose: nothing clamps it, no paste seals it`,
        reason: t`A clamped pot is a bomb. Steam must be able to lift it.`,
      },
    ];
  return [
    {
      id: "path",
      label: t`Vapour path open from pot to jar, and vented`,
      reason: t`A closed still is a bomb. Nothing may stop it up.`,
    },
    {
      id: "relief",
      label: t`Relief valve moves freely, or the head lifts by itself`,
      reason: t`It is the way out if the path clogs.`,
      optional: true,
    },
  ];
}

function heating({ still: { heat }, gas }: Setting): (CheckItem | false)[] {
  const { hazard, fuel, bath } = heatSourceOf(heat.kind);
  return [
    hazard === "flame" && {
      id: "flame",
      label: t`Flame clear of the outlet, oil and spirits`,
      reason: t`Oil and its vapour burn.`,
    },
    heat.kind === "wood" && {
      id: "embers",
      label: t`Sparks and embers can reach nothing, sand or water stands ready`,
      reason: t`A wood fire cannot be turned off: have a way to pull it away from the pot.`,
    },
    heat.kind === "spirit" && {
      id: "spirit",
      label: t`Spirit burner was filled cold and wiped dry, its cap is at hand`,
      reason: t`Spirit poured near a flame catches in the hand, and burns unseen by daylight.`,
    },
    fuel === "gas" && {
      id: "gas",
      label: gas
        ? t`Gas joints blow no bubbles under soap; the cylinder stands upright, well away, and holds ${gas} and more by weight`
        : t`Gas joints blow no bubbles under soap; the cylinder stands upright, well away, and holds enough`,
      reason: t`Leaking gas lies on the floor until it finds the flame.`,
    },
    hazard === "mains" && {
      id: "mains",
      label: t`Plug and lead are dry and away from water, behind a breaker that trips on a leak`,
      reason: t`Mains beside water kills. Dry hands before you touch a plug.`,
    },
    bath === true && {
      id: "bath",
      label: t`The bath is of oil or strong brine, dry outside, and no water can drip into hot oil`,
      reason: t`A bath of plain water never makes the flask boil. Water in hot oil spits.`,
    },
    hazard === "pressure" && {
      id: "steamLine",
      label: t`Steam line open to the pot, its own relief valve free`,
      reason: t`Steam that is made elsewhere comes with a pressure of its own.`,
    },
    hazard === "pressure" && {
      id: "lineDrained",
      label: t`Steam line is warmed and its water drained off`,
      reason: t`Cold water in the line is shot into the plant, and wets what should be steamed.`,
    },
    hazard === "pressure" && {
      id: "gauge",
      label: t`Gauge stands at nothing, the vessel's drain is open a little`,
      reason: t`What condenses in the vessel has to run out, or the plant stands in it.`,
    },
  ];
}

function cooling(
  { still, ice, setsBelow, cooling: flow }: Setting,
  bowl: boolean,
): (CheckItem | false | undefined)[] {
  return [
    !bowl && {
      id: "cooling",
      label: t`Cooling tried: in at the bottom, out at the top`,
      reason: t`The other way round it leaves a warm pocket, and oil is lost as vapour.`,
    },
    still.condenser?.kind === "tap" && {
      id: "flow",
      label: t`Flow set: ${flow}`,
      reason: t`Too little lets vapour out, too much is water down the drain.`,
    },
    ice !== undefined && {
      id: "ice",
      label: t`Ice is at hand: ${ice}`,
      reason: bowl
        ? t`So much melts on the lid until the run is over.`
        : t`The plan's tub needs it before the run is over.`,
    },
    setsBelow !== undefined && {
      id: "setting",
      label: t`Cooling water is warmer than ${setsBelow}`,
      reason: t`This oil sets below that and would stop the condenser.`,
    },
  ];
}

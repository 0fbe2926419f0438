import { z } from "zod";
import { fixed } from "@/core/units/format";
import { type CondenserKind, type TubKind, condensers } from "@/core/cooling/condenser";
import { receivers, usualLipStepMm } from "@/core/separation/receivers";
import { constructionOf } from "@/core/still/constructions";
import { trapKinds } from "@/core/still/traps";
import { cylinderHeightMm } from "@/core/still/geometry";
import { toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { headKinds, stillSchema, type Still } from "@/records/still";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";
import { chosenCondensers, holderWords, isChosen } from "@/words/stillWords";

const volume = (name: string) => numberField({ name, ...limits.positive });
const length = (name: string) => numberField({ name, ...limits.positive });

/** A still as it is typed: every part is asked for, only what the construction has is kept. */
export const stillFormSchema = z
  .object({
    name: z
      .string()
      .trim()
      .min(1, t`Give the still a name.`)
      .max(200),
    construction: stillSchema.shape.construction,
    metal: stillSchema.shape.metal,
    potVolume: volume(t`The pot`),
    potDiameter: length(t`The pot's diameter`),
    basketFloor: optionalNumberField({ name: t`The basket's height`, ...limits.positive }),
    holderVolume: optionalNumberField({ name: t`The plant's room`, ...limits.positive }),
    holderDiameter: optionalNumberField({ name: t`Its diameter`, ...limits.positive }),
    dryLine: numberField({ name: t`The dry line`, ...limits.amount }),
    emptyMass: numberField({
      name: t`The empty still`,
      ...limits.positive,
      remedy: t`Put it on the scale.`,
    }),
    heatKind: stillSchema.shape.heat.shape.kind,
    power: numberField({ name: t`Power`, ...limits.stillPowerW }),
    efficiency: optionalNumberField({ name: t`Efficiency`, min: 1, max: 100 }),
    holdUp: numberField({ name: t`Hold-up`, ...limits.amount }),
    jar: volume(t`The jar`),
    head: z.enum(headKinds),
    condenser: z.enum(["notSaid", ...chosenCondensers]),
    tub: optionalNumberField({ name: t`The tub`, ...limits.positive }),
    ice: optionalNumberField({ name: t`Ice`, ...limits.amount }),
    rise: optionalNumberField({ name: t`The rise`, min: 1, max: 60 }),
    tubeLength: optionalNumberField({ name: t`The tube's length`, ...limits.positive }),
    tubeDiameter: optionalNumberField({ name: t`The tube's width`, ...limits.positive }),
    closing: z.enum(["notSaid", "open", "shut"]),
    trapKeeps: z.enum(trapKinds),
    receivers: z
      .array(
        z.object({
          kind: stillSchema.shape.receivers.unwrap().element.shape.kind,
          diameter: length(t`Its diameter`),
          volume: volume(t`It`),
        }),
      )
      .max(8),
  })
  .superRefine((form, context) => {
    const fault = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    if (form.dryLine >= form.potVolume)
      fault("dryLine", t`The dry line must be under the pot's rim.`);
    const { holder: part, inside, catchesItself, canShut } = constructionOf(form.construction);
    if (!catchesItself && hasTub(form.condenser) && form.tub === undefined)
      fault("tub", t`Say how much water the tub holds.`);
    if (!catchesItself && (form.tubeLength === undefined) !== (form.tubeDiameter === undefined))
      fault(
        form.tubeLength === undefined ? "tubeLength" : "tubeDiameter",
        t`Measure the tube's length and its width, or leave both empty.`,
      );
    if (canShut && form.closing !== "open")
      fault(
        "closing",
        t`Take the weight off, open the way to the condenser, and say so here: nothing is planned under pressure.`,
      );
    if (part === "none") return;
    const holder = holderWords[part];
    if (form.holderVolume === undefined)
      fault("holderVolume", t`Say how much the ${holder} holds.`);
    if (form.holderDiameter === undefined)
      fault("holderDiameter", t`Measure across the ${holder}.`);
    if (!inside) return;
    if (form.basketFloor === undefined) {
      fault("basketFloor", t`Measure from the pot's floor to the ${holder}'s floor.`);
      return;
    }
    const height = cylinderHeightMm(form.potVolume, form.potDiameter);
    if (form.basketFloor >= height)
      fault(
        "basketFloor",
        t`The pot is only ${fixed(height, 0)} mm high by its volume and diameter.`,
      );
    if (form.holderDiameter !== undefined && form.holderDiameter > form.potDiameter) {
      fault("holderDiameter", t`The ${holder} must fit into the pot.`);
    }
  });

/** Whether a condenser is cooled from a tub. */
export function hasTub(condenser: "notSaid" | CondenserKind | undefined): condenser is TubKind {
  return condenser !== undefined && condenser !== "notSaid" && condensers[condenser].by === "tub";
}

export type StillForm = z.input<typeof stillFormSchema>;
/** The form as read: numbers in canonical units. */
export type StillFormRead = z.output<typeof stillFormSchema>;

/** A still's figures as the form shows them; an ordinary pot where there is none yet. */
export function stillFormDefaults(still: Still | undefined, units: UnitSystem): StillForm {
  const litres = units === "metric" ? "L" : "gal";
  const small = unitsFor("volume", units)[0] ?? "mL";
  const long = unitsFor("length", units)[0] ?? "mm";
  const part = still && constructionOf(still.construction).holder;
  const holder: Still["basket"] | Still["vessel"] =
    still && part && part !== "none" ? still[part] : undefined;
  const condenser = still?.condenser;
  const tub = condenser && "tubL" in condenser ? condenser.tubL * 1000 : undefined;
  return {
    name: still?.name ?? "",
    construction: still?.construction ?? "basketPot",
    metal: still?.metal ?? "stainless",
    potVolume: toInput(still?.potVolumeMl, litres),
    potDiameter: toInput(still?.potDiameterMm, long),
    basketFloor: toInput((still?.bowl ?? still?.basket)?.floorMm, long),
    holderVolume: toInput(holder?.volumeMl, litres),
    holderDiameter: toInput(holder?.diameterMm, long),
    dryLine: toInput(still?.dryLineMl, small),
    emptyMass: toInput(still?.emptyMassG, units === "metric" ? "kg" : "lb"),
    heatKind: still?.heat.kind ?? "plate",
    power: toInput(still?.heat.powerW, "W"),
    efficiency: toInput(
      still?.heat.efficiency === undefined ? undefined : still.heat.efficiency * 100,
      "one",
    ),
    holdUp: toInput(still?.holdUpMl ?? 0.3, "mL"),
    jar: toInput(still?.jarMl ?? 1000, small),
    head: still?.head ?? "dome",
    condenser: condenser && isChosen(condenser.kind) ? condenser.kind : "notSaid",
    tub: toInput(tub, litres),
    ice: toInput(
      condenser && "iceKg" in condenser ? condenser.iceKg * 1000 : undefined,
      units === "metric" ? "kg" : "lb",
    ),
    rise: toInput(condenser?.kind === "tap" ? condenser.riseK : undefined, "one"),
    tubeLength: toInput(still?.tube?.lengthMm, unitsFor("tubeLength", units)[0] ?? "m"),
    tubeDiameter: toInput(still?.tube?.diameterMm, long),
    closing: still?.ventsFreely ? "open" : "notSaid",
    trapKeeps: still?.trapKeeps ?? "floats",
    receivers: (still?.receivers ?? []).map((receiver) => ({
      kind: receiver.kind,
      diameter: toInput(receiver.diameterMm, long),
      volume: toInput(receiver.volumeMl, small),
    })),
  };
}

/** What the form says of a still, as its record keeps it. */
export function stillFromForm(form: StillFormRead) {
  const { construction, holderVolume = 0, holderDiameter = 0, basketFloor = 0 } = form;
  const { holder: part, canShut, catchesItself, trap } = constructionOf(construction);
  const room = { volumeMl: holderVolume, diameterMm: holderDiameter };
  return {
    name: form.name,
    construction,
    metal: form.metal,
    potVolumeMl: form.potVolume,
    potDiameterMm: form.potDiameter,
    basket: part === "basket" ? { floorMm: basketFloor, ...room } : undefined,
    vessel: part === "vessel" ? room : undefined,
    bowl: part === "bowl" ? { floorMm: basketFloor, ...room } : undefined,
    dryLineMl: form.dryLine,
    emptyMassG: form.emptyMass,
    heat: {
      kind: form.heatKind,
      powerW: form.power,
      ...(form.efficiency === undefined ? {} : { efficiency: form.efficiency / 100 }),
    },
    holdUpMl: form.holdUp,
    jarMl: form.jar,
    head: form.head,
    condenser: condenserFromForm(form),
    tube:
      form.tubeLength === undefined || form.tubeDiameter === undefined || catchesItself
        ? undefined
        : { lengthMm: form.tubeLength, diameterMm: form.tubeDiameter },
    ventsFreely: canShut ? (true as const) : undefined,
    trapKeeps: trap ? form.trapKeeps : undefined,
    receivers: form.receivers.map(({ kind, diameter, volume: volumeMl }) => ({
      kind,
      diameterMm: diameter,
      volumeMl,
      ...("pours" in receivers[kind] ? { lipStepMm: usualLipStepMm } : {}),
    })),
  };
}

/* Tap water that leaves some 25 K warmer has done its work and can still be touched. */
const usualRiseK = 25;

function condenserFromForm(form: StillFormRead): Still["condenser"] {
  const iceKg = (form.ice ?? 0) / 1000;
  if (constructionOf(form.construction).catchesItself) return { kind: "iceLid", iceKg };
  if (form.condenser === "notSaid") return undefined;
  if (hasTub(form.condenser)) return { kind: form.condenser, tubL: (form.tub ?? 0) / 1000, iceKg };
  return { kind: form.condenser, riseK: form.rise ?? usualRiseK };
}

import { t } from "@/language/t";
import type { PlantProse } from "../../plantProse";

export const seedsTreesZests: Record<string, PlantProse> = {
  juniperberry: {
    preparation: t`Crush just before loading: whole berries keep most of their oil.`,
    methodReason: t`Either works; above the water the sugars do not scorch.`,
    oilLook: t`Colourless, resin and pepper.`,
    hydrosolLook: t`Clear, dry and resinous.`,
    hydrosolWorth: t`Fair: dry and resinous.`,
    source: t`Published yields of juniper berries, 0.5–2 %.`,
  },
  sweetfennel: {
    preparation: t`Crush coarsely just before loading; powder scorches and cakes.`,
    methodReason: t`Crushed seed cakes over steam and swims free in water.`,
    oilLook: t`Pale yellow, sweet anise; sets below about 8 °C.`,
    hydrosolLook: t`Milky at first, sweet.`,
    hydrosolWorth: t`Good: sweet, for the kitchen.`,
    source: t`Published yields of sweet fennel fruit, 1.8–4.2 %.`,
  },
  scotspine: {
    preparation: t`Strip needles from the branches and cut them short; wood only takes room.`,
    methodReason: t`Cut needles stay open to steam.`,
    oilLook: t`Colourless, forest resin.`,
    hydrosolLook: t`Clear, faint and resinous.`,
    hydrosolWorth: t`Poor: little dissolves.`,
    source: t`Published yields of Scots pine needles, 0.2–0.6 % fresh.`,
  },
  lemonzest: {
    preparation: t`Grate the yellow only: pith soaks up oil and froths.`,
    methodReason: t`Wet zest mats over steam and swims free in water.`,
    oilLook: t`Colourless to pale yellow, fresh peel.`,
    hydrosolLook: t`Clear, lemon; fades within months.`,
    hydrosolWorth: t`Poor: fades within months.`,
    source: t`Published yields of grated lemon flavedo, 0.9–2.6 %.`,
  },
  lemongrass: {
    preparation: t`Wilt a day and cut to finger lengths.`,
    methodReason: t`Citral suffers in boiling water; cut, its glands lie open to the steam.`,
    oilLook: t`Yellow to amber, strong lemon.`,
    hydrosolLook: t`Clear, lemon.`,
    hydrosolWorth: t`Good: lemon, keeps its smell.`,
    source: t`Published yields of lemongrass, 0.2–0.55 % fresh.`,
  },
};

import { t } from "@/language/t";
import type { PlantProse } from "../../plantProse";

const shears = t`Cut with shears to finger length.`;

const way = t`Needles leave steam a way.`;

export const moreTrees: Record<string, PlantProse> = {
  californiabay: {
    preparation: t`Strip and tear in the open air, never in a closed room.`,
    methodReason: t`Leathery leaves; stems leave steam a way.`,
    oilLook: t`Pale yellow, piercing.`,
    hydrosolLook: t`Clear, piercing.`,
    hydrosolWorth: t`Fair: cleaning outdoors.`,
    source: t`California bay: 1.2–3.2 % fresh, 2–5.5 % dry, by reviews; umbellulone 35–60 %, methyl eugenol up to 5 %.`,
  },
  westernredcedar: {
    preparation: t`Best left: know what it is so that it is not taken for another cedar.`,
    methodReason: t`Flat sprays leave steam a way.`,
    oilLook: t`Pale yellow, sharp, fruit and camphor.`,
    hydrosolLook: t`Clear, sharp.`,
    hydrosolWorth: t`No: thujone.`,
    source: t`Western red cedar leaf: 0.6–1.6 % fresh, by reviews of Thuja; thujones 65–85 %.`,
  },
  whitepine: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, soft pine.`,
    hydrosolLook: t`Clear, mild.`,
    hydrosolWorth: t`Fair: house and bath.`,
    source: t`White pine needle: 0.25–0.8 % fresh, by reviews of North American pines.`,
  },
  mountainpine: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, sweet resin.`,
    hydrosolLook: t`Clear, resinous.`,
    hydrosolWorth: t`Good: bath.`,
    source: t`Mountain pine: 0.3–0.9 % fresh; the European Pharmacopoeia describes its oil, shares rounded from it.`,
  },
  grandfir: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, orange and balsam.`,
    hydrosolLook: t`Clear, fruit and resin.`,
    hydrosolWorth: t`Good: house and bath.`,
    source: t`Grand fir needle: 0.4–1.2 % fresh, by reviews of western firs.`,
  },
  hemlockspruce: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, sweet and resinous.`,
    hydrosolLook: t`Clear, resinous.`,
    hydrosolWorth: t`Good: house and bath.`,
    source: t`Hemlock spruce: 0.3–0.8 % fresh, by handbooks; bornyl acetate 35–50 %.`,
  },
  larch: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, light resin and citrus.`,
    hydrosolLook: t`Clear, mild.`,
    hydrosolWorth: t`Fair: bath.`,
    source: t`Larch twig: 0.15–0.5 % fresh; few analyses, an estimate from those and its family.`,
  },
  juniperbranch: {
    preparation: shears,
    methodReason: way,
    oilLook: t`Clear, dry resin.`,
    hydrosolLook: t`Clear, resinous.`,
    hydrosolWorth: t`Good: bath and smoke house.`,
    source: t`Juniper branch: 0.2–0.7 % fresh, by reviews of Juniperus communis leaf oils.`,
  },
  peppermintgum: {
    preparation: t`Strip and tear; or twigs whole.`,
    methodReason: t`Twigs leave steam a way.`,
    oilLook: t`Clear, soft eucalyptus.`,
    hydrosolLook: t`Clear, fresh.`,
    hydrosolWorth: t`Good: house and steam bath.`,
    source: t`Narrow-leaved peppermint gum: 1.5–3.8 % fresh, by handbooks; cineole 60–75 %.`,
  },
  kanuka: {
    preparation: t`Cut the year's shoots to finger length.`,
    methodReason: t`Twigs leave steam a way.`,
    oilLook: t`Pale yellow, resin and herb.`,
    hydrosolLook: t`Clear, mild.`,
    hydrosolWorth: t`Good: skin.`,
    source: t`Kanuka: 0.2–0.6 % fresh, by reviews of its leaf oil; α-pinene 50–70 %.`,
  },
  cassia: {
    preparation: t`Break small, soak overnight.`,
    methodReason: t`Dry bark has to swell.`,
    oilLook: t`Yellow to brown, sweet cinnamon; sinks.`,
    hydrosolLook: t`Milky, sweet.`,
    hydrosolWorth: t`Fair: cleaning; not to drink (coumarin).`,
    source: t`Cassia bark: 0.8–2.4 % dry; the European Pharmacopoeia describes its oil.`,
  },
  cinnamonleaf: {
    preparation: t`Tear or crumble.`,
    methodReason: t`Leathery leaves; stalks leave steam a way.`,
    oilLook: t`Yellow to brown, clove and leaf; sinks.`,
    hydrosolLook: t`Milky, clove.`,
    hydrosolWorth: t`Good: cleaning.`,
    source: t`Cinnamon leaf: 1–3 % dry; the European Pharmacopoeia describes its oil, eugenol 70–85 %.`,
  },
};

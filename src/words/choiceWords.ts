import type { AnswerOf, ChoiceId } from "@/core/plan/planChoices";
import type { PlantState } from "@/core/plant/plant";
import type { Method } from "@/core/still/methods";
import { t } from "@/language/t";

/** One school of practice on a question: what it claims; none of them is wrong, and a trial of one's own decides. */
interface SchoolWords {
  name: string;
  claim: string;
  /** What it changes in the numbers; absent where the model has no say and it is only written down. */
  effect?: string;
}

/** A question on which practitioners differ. */
export interface QuestionWords<Answer extends string = string> {
  question: string;
  schools: Readonly<Record<Answer, SchoolWords>>;
  /** What is taken where the person does not choose, and why. */
  defaultIs: string;
  reason: string;
}

/** How each question of a plan is asked. */
export const choiceWords: { readonly [Id in ChoiceId]: QuestionWords<AnswerOf<Id>> } = {
  water: {
    question: t`How much water?`,
    schools: {
      ratio: {
        name: t`By plant weight`,
        claim: t`Five times the weight of fresh plant, eight to twelve times that of dry. The same every time.`,
        effect: t`A larger charge gets more water.`,
      },
      cover: {
        name: t`Until it is covered`,
        claim: t`A finger of water above the plant lets it move.`,
        effect: t`Loose plant needs more, dense seed less.`,
      },
      mark: {
        name: t`To the pot's mark`,
        claim: t`One mark, no arithmetic, and the water lasts long.`,
        effect: t`Slowest to boil.`,
      },
    },
    defaultIs: t`By plant weight, as far as the still holds it`,
    reason: t`It can be repeated, so that runs can be compared.`,
  },
  pace: {
    question: t`Gentle or brisk?`,
    schools: {
      gentle: {
        name: t`Gentle`,
        claim: t`About a drop a second on a small still. The hydrosol is richer and comes cooler.`,
        effect: t`You turn the heat down after the first drop. It takes longer, with less water and cooling an hour.`,
      },
      brisk: {
        name: t`Brisk`,
        claim: t`More in an hour. The heavy part of the oil comes over sooner.`,
        effect: t`Full heat to the end. Late in the run it only thins the hydrosol.`,
      },
    },
    defaultIs: t`Gentle after the first drop`,
    reason: t`Oil deep in the plant needs time more than steam.`,
  },
  stop: {
    question: t`When to stop?`,
    schools: {
      tail: {
        name: t`Hydrosol first, then oil`,
        claim: t`Keep the hydrosol that is worth it. Then go on while ten more minutes are worth it.`,
        effect: t`You change the jar once, and stop when the oil gets too little.`,
      },
      least: {
        name: t`Whichever comes first`,
        claim: t`Hydrosol wanted, not worth ten more minutes, or water runs low.`,
        effect: t`The first of the three ends the run.`,
      },
      ratio: {
        name: t`Hydrosol wanted`,
        claim: t`As much hydrosol as plant keeps its scent.`,
        effect: t`Stops at a volume you can read on the jar.`,
      },
      worth: {
        name: t`Not worth ten more minutes`,
        claim: t`Stop when ten more minutes bring too little oil.`,
        effect: t`Follows how the oil comes over.`,
      },
      clock: {
        name: t`By the clock`,
        claim: t`The same number of minutes every year.`,
        effect: t`Stops at a time you set.`,
      },
      smell: {
        name: t`By smell`,
        claim: t`Stop when the drops smell of boiled stalks.`,
        effect: t`The plan shows the usual time. Your nose decides.`,
      },
    },
    defaultIs: t`Hydrosol first, then oil`,
    reason: t`Hydrosol loses its scent sooner than the plant its oil.`,
  },
  hydrosol: {
    question: t`One hydrosol or several?`,
    schools: {
      firstCut: {
        name: t`First cut in its own jar`,
        claim: t`The first part holds most of the scent. The rest is for the garden.`,
        effect: t`You change the jar after a third of the hydrosol.`,
      },
      notes: {
        name: t`A jar for each note`,
        claim: t`Early, middle and late notes each get a jar, to blend or to leave out.`,
        effect: t`You change the jar at the two cuts under Which notes come when.`,
      },
      all: { name: t`All in one jar`, claim: t`Only the whole run smells like the plant.` },
    },
    defaultIs: t`First cut in its own jar`,
    reason: t`Two jars can still be poured together. One cannot be split again.`,
  },
  settling: {
    question: t`How long to let it settle?`,
    schools: {
      share: {
        name: t`Until 95 % has risen`,
        claim: t`As long as this oil needs.`,
        effect: t`Calculated from the oil's density.`,
      },
      halfHour: {
        name: t`Half an hour`,
        claim: t`What has not separated by then is not worth waiting for.`,
        effect: t`Half an hour.`,
      },
      overnight: { name: t`Overnight`, claim: t`Waiting costs nothing.`, effect: t`Twelve hours.` },
      salt: {
        name: t`With salt`,
        claim: t`Salt drives fine drops out of the water.`,
        effect: t`Salt makes the water heavier: oil that floats separates sooner, oil that sinks later. Salted hydrosol is not for the skin.`,
      },
    },
    defaultIs: t`Until 95 % has risen`,
    reason: t`Light oils need two hours, heavy ones more than a night.`,
  },
  copper: {
    question: t`Copper?`,
    schools: {
      none: { name: t`None`, claim: t`Steel and glass change nothing in the oil.` },
      copper: {
        name: t`In the packing or head`,
        claim: t`Takes away the sulphur smell of some fresh plants.`,
      },
      coil: { name: t`In the coil`, claim: t`The whole vapour passes it, and it cools best.` },
      vapourMesh: { name: t`Mesh in the vapour`, claim: t`Easy to take out and clean.` },
      receiverMesh: {
        name: t`Mesh in the receiver`,
        claim: t`Works on the hydrosol as it stands.`,
      },
    },
    defaultIs: t`None`,
    reason: t`Sereno keeps it with the run, so that your own runs can show.`,
  },
  loading: {
    question: t`How is it loaded?`,
    schools: {
      pressed: {
        name: t`Pressed down by hand`,
        claim: t`More fits in, and steam finds no wide gaps.`,
      },
      loose: { name: t`Loose`, claim: t`Steam comes to every leaf.` },
      upright: {
        name: t`Upright`,
        claim: t`Stems stand like chimneys, and steam rises along them.`,
      },
      bundles: { name: t`In bundles`, claim: t`Quick to load and to lift out hot.` },
      stemsBetween: {
        name: t`Stems between`,
        claim: t`Layers of stem keep soft leaves from matting.`,
      },
      loosened: {
        name: t`Loosened in mid-run`,
        claim: t`Heat off, opened cool, turned over: what matted lets go of its oil.`,
      },
    },
    defaultIs: t`Pressed down by hand`,
    reason: t`The book's packing is of plant pressed down by hand.`,
  },
  waterKind: {
    question: t`Which water?`,
    schools: {
      tap: { name: t`Tap`, claim: t`It is there. Hard water leaves scale in the pot.` },
      rain: { name: t`Rain`, claim: t`Soft, and leaves no scale. Filter it.` },
      spring: { name: t`Spring or well`, claim: t`The water of the place.` },
      distilled: { name: t`Distilled`, claim: t`Nothing in it but the plant.` },
    },
    defaultIs: t`Tap`,
    reason: t`What boils over is clean of salts whichever it is. Its chlorine goes at the boil.`,
  },
  soaking: {
    question: t`Soaked before?`,
    schools: {
      none: { name: t`Not soaked`, claim: t`What soaks ferments or loses oil to the water.` },
      hour: { name: t`An hour or two`, claim: t`Dry plant swells and lets its oil go sooner.` },
      night: { name: t`Overnight`, claim: t`Roots, woods and seeds open.` },
      days: { name: t`For days`, claim: t`Some woods ripen in water before they are distilled.` },
    },
    defaultIs: t`Not soaked`,
    reason: t`Sereno keeps it with the run, so that your own runs can show.`,
  },
};

/** Which way of distilling. */
export const methodQuestion: QuestionWords<Method> = {
  question: t`Steam, or plant in the water?`,
  schools: {
    steam: {
      name: t`Over steam`,
      claim: t`Gentle on flowers and on herbs like mint. Nothing scorches, and esters stay whole.`,
      effect: t`The steam heats the plant before the first drop. The water only has to last.`,
    },
    hydro: {
      name: t`Plant in the water`,
      claim: t`Reaches the oil in grasses, seeds, roots, petals and zest, where steam passes by.`,
      effect: t`The first drop comes at the boil. The plant takes room and soaks up water.`,
    },
    cohobation: {
      name: t`With return`,
      claim: t`For plants with little oil. Water that is full of oil dissolves no more.`,
      effect: t`Only the water in the pot dissolves oil. No hydrosol is kept.`,
    },
    bowl: {
      name: t`Bowl and lid`,
      claim: t`Needs no condenser: a pot, a bowl and ice. For a first small try of a plant.`,
    },
  },
  defaultIs: t`The plant's own preference`,
  reason: t`The tissue decides what steam can reach.`,
};

/** How the plant comes to the still. */
export const freshnessQuestion: QuestionWords<PlantState> = {
  question: t`Fresh, wilted or dried?`,
  schools: {
    fresh: {
      name: t`Fresh`,
      claim: t`Nothing is lost to the air. It smells like the garden.`,
      effect: t`Less oil for its weight, since much of it is water.`,
    },
    wilted: {
      name: t`Wilted overnight`,
      claim: t`Loses water, not oil. More fits in, and the hydrosol smells less of grass.`,
      effect: t`The same cut weighs less and holds more oil for its weight.`,
    },
    dried: {
      name: t`Dried`,
      claim: t`Keeps until there is time. Right for seeds and roots.`,
      effect: t`Most oil for its weight, less with every month in storage.`,
    },
  },
  defaultIs: t`The plant's first state`,
  reason: t`Published contents differ by plant more than by school.`,
};

/** What of the plant goes in; its answers are the plant's own preparations. */
export const preparationQuestion: Omit<QuestionWords, "schools"> = {
  question: t`Leaves only, or stems too?`,
  defaultIs: t`Some stem kept`,
  reason: t`Steam that finds one channel through a matted charge costs more oil than stems do.`,
};

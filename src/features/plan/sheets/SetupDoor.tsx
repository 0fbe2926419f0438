import { Suspense } from "react";
import { moonPhase } from "@/core/calendar/moon";
import type { Method } from "@/core/still/methods";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { useWithProse } from "@/store/useProse";
import { Choice } from "@/ui/primitives/Choice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { methodWords } from "@/words/methodWords";
import { inState, stateWords } from "@/words/stateWords";
import { MoreToPlan } from "../MoreToPlan";
import { StartFrom } from "../PlanQuestions";
import type { PlanWork } from "../usePlanDraft";

/** What the plan takes for granted until one says otherwise: how the plant is, which still, which method. */
export function SetupDoor({ work }: { work: PlanWork }) {
  const { draft, read, stills, harvest, change, preferences } = work;
  return (
    <>
      {harvest ? null : <StartFrom plan={work} />}
      {harvest ? null : <MoreToPlan />}
      {harvest || read.states.length < 2 ? (
        <Txt variant="small">{t`The plant is ${inState[read.state]}.`}</Txt>
      ) : (
        <Choice
          label={t`The plant is`}
          shown
          options={read.states.map((value) => ({ value, label: stateWords[value] }))}
          value={read.state}
          onChange={(state) => change({ state, moistureText: "", chargesText: "", waterText: "" })}
        />
      )}
      {read.state === "dried" ? (
        <NumberField
          heavy
          label={t`Stored for`}
          value={{ text: draft.agedText, unit: "one" }}
          choices={[]}
          suffix={t`months`}
          placeholder={t`this season's`}
          problem={read.problems.aged}
          onChange={({ text }) => change({ agedText: text })}
        />
      ) : null}
      {draft.moistureText ? (
        <NumberField
          heavy
          label={t`Water in the plant`}
          value={{ text: draft.moistureText, unit: "one" }}
          choices={[]}
          suffix="%"
          problem={read.problems.moisture}
          onChange={({ text }) => change({ moistureText: text })}
        />
      ) : null}
      {read.chosen ? (
        <Suspense fallback={<Txt variant="small">{read.plant.moment}</Txt>}>
          <MomentAndPreparation plant={read.plant} />
        </Suspense>
      ) : null}
      {preferences.moon ? <Moon /> : null}
      {stills.length > 1 ? (
        <Choice
          label={t`Still`}
          shown
          options={stills.map(({ id, name }) => ({ value: id, label: name }))}
          value={read.still?.id}
          onChange={(stillId) =>
            change({ stillId, chargesText: "", waterText: "", receiver: "0", iceText: "" })
          }
        />
      ) : null}
      {read.methods.length > 1 ? (
        <Choice
          label={t`Method`}
          shown
          options={read.methods.map((value) => ({ value, label: methodWords[value] }))}
          value={read.method}
          onChange={(method) => change({ method, waterText: "", chargesText: "" })}
        />
      ) : null}
      <Suspense>
        <WhyThisMethod plant={read.plant} method={read.method} />
      </Suspense>
    </>
  );
}

function MomentAndPreparation({ plant }: { plant: KnownPlant }) {
  const { moment, preparation } = useWithProse(plant);
  return <Txt variant="small">{`${moment} ${preparation}`}</Txt>;
}

function WhyThisMethod({ plant, method }: { plant: KnownPlant; method: Method }) {
  const { methodReason, preferredMethod } = useWithProse(plant);
  return (
    <Txt variant="small">
      {method === preferredMethod
        ? methodReason
        : t`Usual for this plant: ${methodWords[preferredMethod]}. ${methodReason}`}
    </Txt>
  );
}

function Moon() {
  const now = useNow(60000);
  return <Txt variant="small">{t`Moon: ${moonPhase(now)}.`}</Txt>;
}

import { memo } from "react";
import {
  fixed,
  showDuration,
  showLength,
  showOil,
  showSalt,
  showTemperature,
  words,
} from "@/core/units/format";
import {
  type Parting,
  keptFromUm,
  minutesToPart,
  partedAfter,
  visibleMm,
} from "@/core/separation/parting";
import { finerShare } from "@/core/separation/settling";
import { clings } from "@/core/separation/steps";
import { flowsThrough, insideOf } from "@/core/separation/vesselKinds";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { toPart, type AtHand } from "@/logbook/run/partingOfRun";
import { runNow } from "@/logbook/run/runClock";
import { runState, type RunState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import { appendEntry } from "@/store/appendEntry";
import { useAppDispatch } from "@/store/hooks";
import { scaleOf, VesselDrawing } from "@/ui/drawings/VesselDrawing";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Fold } from "@/ui/primitives/Fold";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { salts, warmths, type Settle, type VesselsOfRun } from "./useVesselsOfRun";
import { figureWords } from "@/words/figureWords";

interface Props {
  run: Run;
  state: RunState;
  settle: Settle;
  onSettle: (part: Partial<Settle>) => void;
  vessels: VesselsOfRun;
  site: Setting["site"];
  units: UnitSystem;
  /** The run's own time. */
  now: number;
}

/** The vessels at hand with this run in them, what each would show, and how soon it has parted. */
export const SettleCard = memo(function SettleCard({
  run,
  state,
  settle,
  onSettle,
  vessels,
  site,
  units,
  now,
}: Props) {
  const dispatch = useAppDispatch();
  const { each, chosen, temperatureC, saltGPerL } = vessels;
  const { oilMl, hydrosolMl, fineMl } = toPart(run, state);
  const scale = scaleOf(each.map(({ vessel }) => insideOf(vessel)));
  const degrees = (celsius: number) => words(showTemperature(celsius, units));
  return (
    <Card className="gap-3">
      <FigureName
        variant="heading"
        name={t`Let oil and water separate`}
        about={figureWords.settlingTime}
      />
      <Choice
        label={t`Vessel`}
        shown
        options={each.map(({ vessel, parting }) => ({
          value: vessel.id,
          label: vessel.name,
          detail:
            parting.layer === "hangs"
              ? t`The oil hangs`
              : t`Layer ${words(showLength(parting.layerMm, units))}`,
          picture: (
            <VesselDrawing
              vessel={{
                inside: insideOf(vessel),
                hydrosolMl: Math.min(hydrosolMl, Math.max(0, parting.holdsMl - oilMl)),
                oilMl,
                layer: parting.layer,
              }}
              scale={scale}
            />
          ),
        }))}
        value={chosen.vessel.id}
        onChange={(vesselId) => onSettle({ vesselId })}
      />
      <Fold
        title={t`Warmth and salt`}
        inside={`${degrees(temperatureC)}, ${settle.salt === "0" ? t`no salt` : t`with salt`}`}
        filled={settle.warmth !== "room" || settle.salt !== "0"}
      >
        <Choice
          label={t`Warmth`}
          shown
          options={[
            { value: "room", label: t`Room, ${degrees(site.airC)}` },
            { value: "warm", label: t`Warm, ${degrees(warmths.warm)}` },
            { value: "cold", label: t`Cold, ${degrees(warmths.cold)}` },
          ]}
          value={settle.warmth}
          onChange={(warmth) => onSettle({ warmth })}
        />
        <Choice
          label={units === "metric" ? t`Salt to the litre` : t`Salt to the quart`}
          shown
          options={salts.map((value) => ({
            value,
            label: value === "0" ? t`None` : words(showSalt(Number(value), units)),
          }))}
          value={settle.salt}
          onChange={(salt) => onSettle({ salt })}
        />
      </Fold>
      <Txt role="status">{verdict(vessels, oilMl, run.plan.forecast.rateMlPerMin, units)}</Txt>
      <Txt>{soonness(chosen.parting)}</Txt>
      {saltGPerL > 0 ? (
        <Notice
          severity="caution"
          message={t`Salted hydrosol is not kept: not for skin, not for the shelf.`}
          remedy={t`Draw off what hydrosol you want first, then salt the rest.`}
        />
      ) : null}
      {settle.warmth === "warm" ? (
        <Txt variant="small">{t`In hand-warm water, covered, away from flame: warm oil gives off vapour that burns, and cold glass cracks in hot water.`}</Txt>
      ) : null}
      <SetOrDraw
        state={state}
        parting={vessels.set}
        fineMl={fineMl}
        now={now}
        onSet={() => {
          const { id: _id, ...vessel } = asFields(chosen.vessel);
          dispatch(
            appendEntry(
              run.id,
              (latest) =>
                justSet(latest) ? undefined : { type: "settling", vessel, temperatureC, saltGPerL },
              {
                label: t`Run ${run.number} is settling.`,
              },
            ),
          );
        }}
      />
    </Card>
  );
});

/* More than this and nobody pours it through. */
const mostFillings = 10;

function verdict(
  { chosen, best, narrow }: VesselsOfRun,
  oilMl: number,
  rateMlPerMin: number,
  units: UnitSystem,
): string {
  const { layer, layerMm, pours, fillings } = chosen.parting;
  const height = (mm: number) => words(showLength(mm, units));
  const where = layer === "floats" ? t`the oil floats` : t`the oil sinks`;
  const told = [
    layer === "hangs"
      ? t`This oil is as heavy as this water: it hangs.`
      : layerMm < visibleMm
        ? t`${chosen.vessel.name}: ${where}, ${height(layerMm)}, too thin to see.`
        : t`${chosen.vessel.name}: ${where}, ${height(layerMm)}.`,
  ];
  if (pours && !pours.ever) told.push(t`These arms never pour it: draw it off by hand.`);
  else if (pours) told.push(t`It pours once the layer is ${height(pours.atMm)} thick.`);
  if (fillings > mostFillings && !pours)
    told.push(t`It is too small for so much: take a churn or a drum with a tap at its foot.`);
  else if (fillings > 1 && !pours) told.push(t`You fill it ${fillings} times.`);
  const clinging = clings(chosen.vessel.vessel, {
    diameterMm: chosen.vessel.diameterMm,
    ...chosen.parting,
    oilMl,
  });
  if (layer !== "hangs") told.push(t`About ${words(showOil(clinging))} stays on its glass.`);
  if (flowsThrough(chosen.vessel.vessel)) {
    const carriedUm = keptFromUm(chosen.parting.settling, rateMlPerMin, chosen.vessel.diameterMm);
    told.push(
      t`While it runs, ${fixed(100 * finerShare(carriedUm), 0)} % of the fine drops leave with the water.`,
    );
  }
  if (best.vessel !== chosen.vessel && best.parting.layerMm > layerMm * 1.5)
    told.push(t`Better: ${best.vessel.name}, ${height(best.parting.layerMm)}.`);
  if (narrow.vessel !== chosen.vessel && narrow.parting.layerMm > 2 * layerMm)
    told.push(
      t`Skimmed or drawn into “${narrow.vessel.name}”, the layer is ${height(narrow.parting.layerMm)}.`,
    );
  return told.join(" ");
}

function soonness(parting: Parting): string {
  if (parting.layer === "hangs") return t`Without salt or warmth it does not separate.`;
  const [half, most, all] = [0.5, 0.8, 0.95].map((share) => minutesToPart(parting, share)) as [
    number,
    number,
    number,
  ];
  return Number.isFinite(all)
    ? t`Half of the fine drops have separated after ${showDuration(half)}, 80 % after ${showDuration(most)}, 95 % after ${showDuration(all)}.`
    : t`Half of the fine drops have separated after ${showDuration(half)}, 80 % after ${showDuration(most)}, 95 % after longer than anyone waits.`;
}

/* A second tap on the same button is the same pouring. */
const sameTapMs = 3000;

function justSet(run: Run): boolean {
  const { settling } = runState(run.entries);
  return (
    settling !== undefined &&
    Math.abs(runNow(run, Date.now()) - Date.parse(settling.at)) < sameTapMs
  );
}

function SetOrDraw({
  state,
  parting,
  fineMl,
  now,
  onSet,
}: {
  state: RunState;
  /** In the vessel that it was set in. */
  parting: Parting | undefined;
  fineMl: number;
  now: number;
  onSet: () => void;
}) {
  if (state.result) return null;
  const { settling } = state;
  const since = settling ? Math.max(0, (now - Date.parse(settling.at)) / 60000) : 0;
  const share = parting ? partedAfter(parting, since) : 0;
  return (
    <>
      {settling ? (
        <Txt variant="strong">{t`Set ${showDuration(since)} ago in ${settling.vessel.name}: ${Math.round(share * 100)} % have separated. Drawn off now, ${words(showOil(fineMl * (1 - share)))} stay in the hydrosol.`}</Txt>
      ) : null}
      <Button look="quiet" label={settling ? t`Start again` : t`Start settling`} onPress={onSet} />
    </>
  );
}

function asFields({ id, name, vessel, diameterMm, heightMm, armStepMm, armMm }: AtHand) {
  return {
    id,
    name,
    vessel,
    diameterMm,
    heightMm,
    ...(armStepMm === undefined ? {} : { armStepMm }),
    ...(armMm === undefined ? {} : { armMm }),
  };
}

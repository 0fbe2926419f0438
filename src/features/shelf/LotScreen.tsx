import { useLocalSearchParams, useRouter } from "expo-router";
import { useState, type ReactNode } from "react";
import { View } from "react-native";
import { lotBalance } from "@/logbook/shelf/lotBalance";
import { lotName } from "@/logbook/shelf/lotName";
import { lotNotes } from "@/logbook/shelf/lotNotes";
import { ownersNow, ownersOf } from "@/logbook/shelf/ownersOf";
import { codesTwice, overdrawn } from "@/logbook/shelf/shelf";
import type { Lot } from "@/records/lot";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock, useShelved } from "@/store/stock";
import { NotHere } from "@/ui/layout/NotHere";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { CopyButton } from "@/ui/primitives/CopyButton";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { skinWords } from "@/words/plantWords";
import { amountOf } from "./amountOf";
import { BlendSheet } from "./BlendSheet";
import { BottleCard } from "./BottleCard";
import { ChecksCard } from "./ChecksCard";
import { CheckSheet } from "./CheckSheet";
import { giveNewCode } from "@/store/acts/giveNewCode";
import { CostCard } from "./CostCard";
import { FillSheet } from "./FillSheet";
import { IdentityCard } from "./IdentityCard";
import { LineCard } from "./LineCard";
import { LotFacts } from "./LotFacts";
import { GraveCautions, ProductCautions } from "./ProductCautions";
import { SellingCard } from "./SellingCard";
import { SkinCard } from "./SkinCard";
import { TakenCard } from "./TakenCard";
import { TakeSheet, type TakeFrom } from "./TakeSheet";

/** A product: what it is, its bottles, how it was found, where it came from and went. */
export function LotScreen({ elsewhere }: { elsewhere?: (id: string) => ReactNode }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const lot = useAppSelector((state) => state.lot.entities[id ?? ""]);
  if (!lot || lot.deletedAt)
    return (
      <NotHere what="This lot" back={{ href: "/shelf", label: "Shelf" }}>
        {elsewhere?.(id ?? "")}
      </NotHere>
    );
  return <OneLot key={lot.id} lot={lot} />;
}

type OpenSheet = "fill" | "check" | "blend" | TakeFrom;

function OneLot({ lot }: { lot: Lot }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const stock = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const shelved = useShelved(new Date());
  const [sheet, setSheet] = useState<OpenSheet>();
  const attachments = useAttachments(lot.id);
  const plant = book.byId(lot.plantId);
  const name = lotName(lot, book);
  const own = stock.bottles.filter(({ lotId }) => lotId === lot.id);
  const full = shelved.filter((item) => item.lot.id === lot.id);
  const empty = own.filter(({ id }) => !full.some(({ bottle }) => bottle.id === id));
  const checks = stock.checks.filter(({ lotId }) => lotId === lot.id);
  const balance = lotBalance(lot, stock.bottles, stock.uses);
  const amount = (volumeMl: number) => amountOf(lot.product, volumeMl, units);
  const siblings = stock.lots.filter(
    (other) => other.id !== lot.id && other.runIds.some((runId) => lot.runIds.includes(runId)),
  );
  const taken = stock.uses
    .filter(
      ({ bottleId, lotId }) =>
        (bottleId === undefined && lotId === lot.id) || own.some(({ id }) => id === bottleId),
    )
    .sort((a, b) => b.at.localeCompare(a.at));
  const owners = ownersNow(ownersOf(lot, runs, harvests), taken);
  const owing = owners.filter(({ leftMl }) => leftMl > 0.05);
  const run = runs.find(({ id }) => lot.runIds.includes(id));
  const unbottled: TakeFrom = {
    lotId: lot.id,
    code: lot.code,
    product: lot.product,
    leftMl: balance.openMl,
    owners,
  };
  const jarsMl = Math.max(0, ...siblings.map(({ jar }) => jar?.toMl ?? 0), lot.jar?.toMl ?? 0);
  const notes = lotNotes(lot, run, jarsMl);
  const twice = new Set(codesTwice(stock).flatMap((those) => those.map(({ id }) => id)));

  return (
    <Screen
      title={`${name} ${lotWords(lot)}`}
      pageTitle={`${name} ${lotWords(lot)}, ${lot.code}`}
      over={lot.code}
      back={{ href: "/shelf", label: "Shelf" }}
      actions={<CopyButton text={lot.code} what={`the code ${lot.code}`} />}
      footer={
        balance.openMl > 0.05 ? (
          <Button
            label={`Bottle ${amount(balance.openMl)}`}
            opens
            onPress={() => setSheet("fill")}
          />
        ) : undefined
      }
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Keep"
          figures={figuresOf(["bestByDay", "leftInBottle", "mostOnSkin", "costOf"])}
          words={wordsOf([
            "lot",
            "bestBy",
            "haze",
            "bloom",
            "oxidised",
            "pH",
            "dilution",
            "carrier",
            "phototoxic",
            "sensitises",
          ])}
        />
      }
      aside={
        <>
          <LotFacts lot={lot} takenMl={balance.takenMl} owners={owners} notes={notes} />
          <LineCard lot={lot} />
          {siblings.map((other) => (
            <Row
              key={other.id}
              href={`/shelf/${other.id}`}
              title={`Also from this run: ${lotWords(other)}`}
              detail={`${other.code}${stock.bottles.some(({ lotId }) => lotId === other.id) ? "" : " · not bottled yet"}`}
            />
          ))}
          <CostCard lot={lot} />
          <SellingCard lot={lot} name={`${name} ${lotWords(lot)}`} />
          {lot.product === "oil" ? (
            <>
              <SkinCard lot={lot} />
              {plant?.hazards.map((hazard) => (
                <Notice key={hazard} severity="note" message={hazard} />
              ))}
              <ProductCautions lot={lot} />
              {plant && lot.origin !== "blend" ? (
                <Txt variant="small">{skinWords(plant)}</Txt>
              ) : null}
              <Txt variant="small">
                Not to be swallowed, not undiluted on skin. Keep from children, pets and flame. In
                pregnancy ask someone qualified.
              </Txt>
            </>
          ) : (
            <>
              <ProductCautions lot={lot} />
              <Txt variant="small">
                {`${full.some(({ bottle }) => bottle.preserved) ? "Preserved or not, keep" : "It has no preservative. Keep"} it cold and dark, and let it go when it smells sour or turns cloudy.`}
              </Txt>
            </>
          )}
        </>
      }
    >
      <GraveCautions lot={lot} />
      {overdrawn(own, stock.uses).map(({ bottle, takenMl }) => (
        <Notice
          key={bottle.id}
          severity="caution"
          message={`${amount(takenMl)} was taken out of ${bottle.code}, and ${amount(bottle.filledMl)} was in it.`}
          remedy="Two people or devices may have noted the same use. Delete one of them."
        />
      ))}
      {balance.overMl > lot.volumeMl * 0.001 + 0.01 ? (
        <Notice
          severity="caution"
          message={`${amount(balance.bottledMl + balance.takenMl)} are bottled and taken, and the measures say ${amount(lot.volumeMl)}: ${amount(balance.overMl)} more than there was.`}
          remedy="The bottles stay as they are, and the difference is shown. Correct the measures, or delete a bottle."
        />
      ) : null}
      {own.length === 0 ? (
        <Card>
          <Txt>{`Not bottled yet: ${amount(balance.openMl)}. Dark glass, filled to the shoulder, keeps it longest.`}</Txt>
        </Card>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {full.length > 0 ? (
          <Button
            look="quiet"
            size="small"
            label="Labels"
            onPress={() => router.push(`/shelf/labels?lot=${lot.id}`)}
          />
        ) : null}
        {full.length > 0 || balance.openMl > 0.05 ? (
          <Button
            look="quiet"
            size="small"
            label="Blend it"
            opens
            onPress={() => setSheet("blend")}
          />
        ) : null}
        {twice.has(lot.id) ? (
          <Button
            look="quiet"
            size="small"
            leaves
            label="New code"
            hint={`A new code for the lot ${lot.code}`}
            onPress={() => dispatch(giveNewCode(lot))}
          />
        ) : null}
        {balance.openMl > 0.05
          ? owing.map((owner) => (
              <Button
                key={owner.name}
                look="quiet"
                size="small"
                label={`Hand over ${owner.name}’s share`}
                opens
                onPress={() => setSheet({ ...unbottled, handOverTo: owner.name })}
              />
            ))
          : null}
        {balance.openMl > 0.05 ? (
          <Button
            look="quiet"
            size="small"
            label="Use or loss"
            hint="Use or loss: of what is in no bottle"
            opens
            onPress={() => setSheet(unbottled)}
          />
        ) : null}
      </View>
      <View className="gap-2">
        {full.map((item) => (
          <BottleCard
            key={item.bottle.id}
            item={item}
            units={units}
            amount={amount}
            twice={twice.has(item.bottle.id)}
            onCheck={() => setSheet("check")}
            onTake={() =>
              setSheet({
                bottleId: item.bottle.id,
                code: item.bottle.code,
                product: lot.product,
                leftMl: item.leftMl,
                owners,
              })
            }
          />
        ))}
        {empty.length > 0 ? (
          <Txt variant="small">{`Empty: ${empty.map(({ code }) => code).join(", ")}`}</Txt>
        ) : null}
      </View>
      <ChecksCard lot={lot} plant={plant} checks={checks} onCheck={() => setSheet("check")} />
      {lot.product === "oil" && plant && lot.origin !== "blend" ? (
        <IdentityCard lot={lot} plant={plant} checks={checks} />
      ) : null}
      <TakenCard taken={taken} amount={amount} />
      <AttachmentsCard name={`${name} ${lotWords(lot)}`} {...attachments} />
      {sheet === "fill" ? (
        <FillSheet
          lot={lot}
          openMl={balance.openMl}
          owing={owing}
          onClose={() => setSheet(undefined)}
        />
      ) : null}
      {sheet === "check" ? (
        <CheckSheet
          lot={lot}
          checks={checks}
          bottles={full.map(({ bottle }) => bottle)}
          onClose={() => setSheet(undefined)}
        />
      ) : null}
      {sheet === "blend" ? <BlendSheet lot={lot} onClose={() => setSheet(undefined)} /> : null}
      {typeof sheet === "object" ? (
        <TakeSheet from={sheet} onClose={() => setSheet(undefined)} />
      ) : null}
    </Screen>
  );
}

import { useLocalSearchParams } from "expo-router";
import { useState, type ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { lotName } from "@/logbook/shelf/lotName";
import { leastToHandle, lotPage, type LotPage } from "@/logbook/shelf/lotPage";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock, useShelved } from "@/store/stock";
import { NotHere } from "@/ui/layout/NotHere";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { CopyButton } from "@/ui/primitives/CopyButton";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { amountOf } from "./amountOf";
import { BlendSheet } from "./BlendSheet";
import { BottleCard } from "./BottleCard";
import { ChecksCard } from "./ChecksCard";
import { CheckSheet } from "./CheckSheet";
import { FillSheet } from "./FillSheet";
import { IdentityCard } from "./IdentityCard";
import { LotActs } from "./LotActs";
import { LotAside } from "./LotAside";
import { LotDoubts } from "./LotDoubts";
import { GraveCautions } from "./ProductCautions";
import { TakenCard } from "./TakenCard";
import { TakeSheet, type TakeFrom } from "./TakeSheet";
import { useToday } from "@/ui/useToday";

/** A product: what it is, its bottles, how it was found, where it came from and went. */
export function LotScreen({ elsewhere }: { elsewhere?: (id: string) => ReactNode }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const lot = useAppSelector((state) => state.lot.entities[id ?? ""]);
  if (!lot || lot.deletedAt)
    return (
      <NotHere what={t`This lot`} back={{ href: "/shelf", label: t`Shelf` }}>
        {elsewhere?.(id ?? "")}
      </NotHere>
    );
  return <OneLot key={lot.id} lot={lot} />;
}

type OpenSheet = "fill" | "check" | "blend" | TakeFrom;

function OneLot({ lot }: { lot: Lot }) {
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const stock = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const shelved = useShelved(useToday());
  const [sheet, setSheet] = useState<OpenSheet>();
  const attachments = useAttachments(lot.id);
  const plant = book.byId(lot.plantId);
  const name = `${lotName(lot, book)} ${lotWords(lot)}`;
  const page = lotPage(lot, stock, { shelved, runs, harvests });
  const { full, checks, balance, owners } = page;
  const amount = (volumeMl: number) => amountOf(lot.product, volumeMl, units);
  const check = () => setSheet("check");
  const close = () => setSheet(undefined);
  return (
    <Screen
      title={name}
      pageTitle={`${name}, ${lot.code}`}
      over={lot.code}
      back={{ href: "/shelf", label: t`Shelf` }}
      actions={<CopyButton text={lot.code} what={t`the code ${lot.code}`} />}
      footer={
        balance.openMl > leastToHandle ? (
          <Button
            label={t`Bottle ${amount(balance.openMl)}`}
            opens
            onPress={() => setSheet("fill")}
          />
        ) : undefined
      }
      words={<LotPageWords />}
      aside={<LotAside lot={lot} page={page} plant={plant} name={name} />}
    >
      <GraveCautions lot={lot} />
      <LotDoubts lot={lot} page={page} amount={amount} />
      <LotActs
        lot={lot}
        page={page}
        onBlend={() => setSheet("blend")}
        onTake={(handOverTo) =>
          setSheet({
            lotId: lot.id,
            code: lot.code,
            product: lot.product,
            leftMl: balance.openMl,
            owners,
            handOverTo,
          })
        }
      />
      <View className="gap-2">
        {full.map((item) => (
          <BottleCard
            key={item.bottle.id}
            item={item}
            units={units}
            amount={amount}
            twice={page.twice.has(item.bottle.id)}
            onCheck={check}
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
        {page.emptyCodes.length > 0 ? (
          <Txt variant="small">{t`Empty: ${page.emptyCodes.join(", ")}`}</Txt>
        ) : null}
      </View>
      <ChecksCard lot={lot} plant={plant} checks={checks} onCheck={check} />
      {lot.product === "oil" && plant && lot.origin !== "blend" ? (
        <IdentityCard lot={lot} plant={plant} checks={checks} />
      ) : null}
      <TakenCard taken={page.taken} amount={amount} />
      <AttachmentsCard name={name} {...attachments} />
      <LotSheets lot={lot} page={page} sheet={sheet} onClose={close} />
    </Screen>
  );
}

function LotSheets({
  lot,
  page,
  sheet,
  onClose,
}: {
  lot: Lot;
  page: LotPage;
  sheet: OpenSheet | undefined;
  onClose: () => void;
}) {
  if (sheet === undefined) return null;
  if (typeof sheet === "object") return <TakeSheet from={sheet} onClose={onClose} />;
  if (sheet === "blend") return <BlendSheet lot={lot} onClose={onClose} />;
  const { balance, owing, checks, full } = page;
  return sheet === "fill" ? (
    <FillSheet lot={lot} openMl={balance.openMl} owing={owing} onClose={onClose} />
  ) : (
    <CheckSheet
      lot={lot}
      checks={checks}
      bottles={full.map(({ bottle }) => bottle)}
      onClose={onClose}
    />
  );
}

function LotPageWords() {
  return (
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
  );
}

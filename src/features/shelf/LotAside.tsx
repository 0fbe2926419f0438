import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { LotPage } from "@/logbook/shelf/lotPage";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { selectStock } from "@/store/stock";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { skinWords } from "@/words/plantWords";
import { CostCard } from "./CostCard";
import { LineCard } from "./LineCard";
import { LotFacts } from "./LotFacts";
import { DrinkLine, ProductCautions } from "./ProductCautions";
import { SellingCard } from "./SellingCard";
import { SkinCard } from "./SkinCard";

interface Props {
  lot: Lot;
  page: LotPage;
  plant: KnownPlant | undefined;
  /** What it is called, with what it is: "Rose hydrosol". */
  name: string;
}

/** Beside a lot's bottles: what it is, where it came from, what it cost, what to mind with it. */
export function LotAside({ lot, page, plant, name }: Props) {
  const { bottles } = useAppSelector(selectStock);
  const { balance, owners, notes, siblings } = page;
  return (
    <>
      <LotFacts lot={lot} takenMl={balance.takenMl} owners={owners} notes={notes} />
      <LineCard lot={lot} />
      {siblings.map((other) => (
        <Row
          key={other.id}
          href={`/shelf/${other.id}`}
          title={t`Also from this run: ${lotWords(other)}`}
          detail={
            bottles.some(({ lotId }) => lotId === other.id)
              ? other.code
              : t`${other.code} · not bottled yet`
          }
        />
      ))}
      <CostCard lot={lot} />
      <SellingCard lot={lot} name={name} />
      {lot.product === "oil" ? (
        <OilCare lot={lot} plant={plant} />
      ) : (
        <WaterCare lot={lot} page={page} />
      )}
    </>
  );
}

function OilCare({ lot, plant }: Pick<Props, "lot" | "plant">) {
  return (
    <>
      <SkinCard lot={lot} />
      {plant?.hazards.map((hazard) => (
        <Notice key={hazard} severity="note" message={hazard} />
      ))}
      <ProductCautions lot={lot} />
      {plant && lot.origin !== "blend" ? <Txt variant="small">{skinWords(plant)}</Txt> : null}
      <Txt variant="small">{t`Not to be swallowed, not undiluted on skin. Keep from children, pets and flame. In pregnancy ask someone qualified.`}</Txt>
    </>
  );
}

function WaterCare({ lot, page }: Pick<Props, "lot" | "page">) {
  return (
    <>
      <ProductCautions lot={lot} />
      <DrinkLine lot={lot} page={page} />
      <Txt variant="small">
        {page.full.some(({ bottle }) => bottle.preserved)
          ? t`Preserved or not, keep it cold and dark. Let it go when it smells sour or turns cloudy.`
          : t`It has no preservative. Keep it cold and dark. Let it go when it smells sour or turns cloudy.`}
      </Txt>
    </>
  );
}

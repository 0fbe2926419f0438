import { cautionsOfLot } from "@/logbook/shelf/cautionsOfLot";
import type { Lot } from "@/records/lot";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectTraceable } from "@/store/stock";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { productCautionWords } from "@/words/productCautionWords";

/** What is gravest of a lot's product, to be seen before anything else of it. */
export function GraveCautions({ lot }: { lot: Lot }) {
  return useCautions(lot).grave.map((caution) => (
    <Notice key={caution} severity="caution" message={productCautionWords[caution].screen} />
  ));
}

/** What else is warned of on it: of every plant that is in it, and of what it is. */
export function ProductCautions({ lot }: { lot: Lot }) {
  return useCautions(lot).others.map((caution) => (
    <Txt key={caution} variant="small">
      {productCautionWords[caution].screen}
    </Txt>
  ));
}

/** Of a water that no usual limit speaks against: that this does not make it a drink. Others have their own caution. */
export function MayItBeDrunk({ lot }: { lot: Lot }) {
  const { grave, others } = useCautions(lot);
  const told = [...grave, ...others];
  const known = usePlantBook().byId(lot.plantId) !== undefined;
  if (told.includes("notToDrink") || told.includes("littleInFood")) return null;
  return (
    <Txt variant="small">
      {known
        ? "To drink? It is not known to hold more than is usual in drinks, but nobody has tested it. Take a spoonful in food at most, and ask someone qualified for more."
        : "To drink? Its plant is not known here. Take none of it."}
    </Txt>
  );
}

function useCautions(lot: Lot) {
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  return cautionsOfLot(lot, shelf, book);
}

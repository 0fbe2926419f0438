import { View } from "react-native";
import type { Goes } from "@/exchange/labels/labelBlocks";
import type { LabelFonts } from "@/exchange/labels/labelFonts";
import type { DrawnLabel } from "@/exchange/labels/labelSvg";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { LabelDrawing } from "./LabelDrawing";
import type { LeftOut } from "./useLeftOut";

const partWords: Record<Goes, string> = {
  mark: t`the mark`,
  madeOf: t`what it is made of`,
  botanical: t`the botanical name`,
  made: t`the day it was made`,
  volume: t`the volume`,
  longCautions: t`the long words of caution`,
  qr: t`the code to scan`,
  bestBy: t`the best-by`,
  cautions: t`the cautions`,
  contains: t`the allergens`,
  maker: t`the maker`,
};

interface Props {
  fonts: LabelFonts | undefined;
  opening: boolean;
  /** The first of the chosen labels; undefined while there is none to be drawn. */
  label: DrawnLabel | undefined;
  chosen: number;
  leftOut: LeftOut;
  onSave: (as: "svg" | "png") => void;
}

/** The first label as it will be printed, and what there was no room for. */
export function LabelPreview({ fonts, opening, label, chosen, leftOut, onSave }: Props) {
  return (
    <>
      {opening ? <Txt variant="small">{t`Opening the type …`}</Txt> : null}
      {fonts && label ? (
        <Card className="gap-3 bg-line">
          <LabelDrawing label={label} fonts={fonts} inWords={inWords(label)} />
        </Card>
      ) : null}
      {chosen === 0 ? (
        <Card>
          <Txt>{t`Choose a bottle to see its label.`}</Txt>
        </Card>
      ) : null}
      {chosen > 0 && leftOut.parts.length > 0 ? (
        <Notice
          severity="note"
          message={t`No room at a size that can be read: ${leftOut.parts.map((part) => partWords[part]).join(", ")}.`}
          remedy={t`A larger label takes it.`}
        />
      ) : null}
      {chosen > 0 && leftOut.shortened ? (
        <Notice
          severity="caution"
          message={t`The name is longer than this label: it is cut short.`}
          remedy={t`Give it a shorter name, or a larger label.`}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {(["svg", "png"] as const).map((as) => (
          <Button
            key={as}
            look="quiet"
            size="small"
            label={t`This one as ${as.toUpperCase()}`}
            disabled={!label}
            onPress={() => onSave(as)}
          />
        ))}
      </View>
      <Txt variant="small">{t`Print at 100 %, not fitted to the page. Most places have rules for labels of what is sold or given away. Ask the office for trade standards where you live.`}</Txt>
    </>
  );
}

function inWords({ items, code }: DrawnLabel): string {
  const said = items.flatMap((item) => (item.kind === "text" ? [item.text] : []));
  return items.some(({ kind }) => kind === "qr")
    ? t`Label: ${said.join(" ")}, with a code to scan for ${code}`
    : t`Label: ${said.join(" ")}`;
}

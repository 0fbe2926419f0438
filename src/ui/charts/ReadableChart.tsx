import { createContext, useContext, useRef, useState, type ReactNode } from "react";
import { View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { Button } from "../primitives/Button";
import { Txt } from "../primitives/Txt";

/** What a drawing shows as a table: its columns with their units, and a row for each place on it. */
export interface ChartTable {
  /** "oil over the run": its file is called so too. */
  name: string;
  columns: readonly string[];
  rows: readonly (readonly (string | number | undefined)[])[];
}

/** How a drawing or its figures leave the app; absent where they cannot. */
export const ChartSaving = createContext<
  | {
      drawing: (svg: SVGElement, table: ChartTable) => void;
      figures: (table: ChartTable) => void;
    }
  | undefined
>(undefined);

interface Props {
  inWords: string;
  /** Where each row stands across the drawing, share of its width, from the left. */
  at: readonly number[];
  /** What is read at a row: "12 min: 3.1 mL". */
  said: (row: number) => string;
  table: ChartTable;
  /** Part of something that is pressed as a whole: it is not read by itself. */
  plain?: boolean;
  children: ReactNode;
}

/** A drawing that a finger, a mouse or the arrow keys read, and that can be saved with its figures. */
export function ReadableChart({ inWords, at, said, table, plain = false, children }: Props) {
  const [row, setRow] = useState<number>();
  const saving = useContext(ChartSaving);
  const drawn = useRef<View>(null);
  const picture = (
    <View ref={drawn} role="img" aria-label={inWords} className="w-full">
      {children}
    </View>
  );
  if (plain || at.length === 0) return picture;
  const shown = row === undefined ? undefined : Math.min(row, at.length - 1);
  const read = (event: { clientX: number; currentTarget: Element }) => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    setRow(nearest(at, (event.clientX - left) / (width || 1)));
  };
  return (
    <View className="w-full">
      <View style={{ position: "relative" }}>
        {picture}
        {shown === undefined ? null : (
          <View
            aria-hidden
            className="absolute bottom-0 top-0 w-[2px] bg-ink opacity-60"
            style={{ left: `${at[shown]! * 100}%`, transform: [{ translateX: -1 }] }}
          />
        )}
        {unstable_createElement("div", {
          role: "slider",
          tabIndex: 0,
          "aria-label": t`Read ${table.name}`,
          "aria-valuemin": 0,
          "aria-valuemax": at.length - 1,
          "aria-valuenow": shown ?? 0,
          "aria-valuetext": said(shown ?? 0),
          onPointerDown: read,
          onPointerMove: read,
          onKeyDown: (event: { key: string; preventDefault: () => void }) => {
            const next = rowByKey(event.key, shown, at.length);
            if (next === undefined) return;
            event.preventDefault();
            setRow(next);
          },
          style: { position: "absolute", inset: 0, cursor: "crosshair", touchAction: "pan-y" },
        })}
      </View>
      <View className="no-print flex-row flex-wrap items-center gap-x-2">
        <Txt variant="small" className="min-w-[160px] flex-1">
          {shown === undefined ? t`Touch the drawing to read it.` : said(shown)}
        </Txt>
        {saving ? (
          <>
            <Button
              look="plain"
              size="small"
              label={t`SVG`}
              hint={t`SVG: save the drawing of ${table.name}`}
              onPress={() => {
                const svg = (drawn.current as unknown as HTMLElement | null)?.querySelector("svg");
                if (svg) saving.drawing(svg, table);
              }}
            />
            <Button
              look="plain"
              size="small"
              label={t`CSV`}
              hint={t`CSV: save the figures of ${table.name}`}
              onPress={() => saving.figures(table)}
            />
          </>
        ) : null}
      </View>
    </View>
  );
}

function nearest(at: readonly number[], share: number): number {
  return at.reduce((best, each, row) => {
    return Math.abs(each - share) < Math.abs(at[best]! - share) ? row : best;
  }, 0);
}

/** Where the arrow keys, Home and End lead; undefined for every other key. */
function rowByKey(key: string, now: number | undefined, rows: number): number | undefined {
  const last = rows - 1;
  if (key === "Home") return 0;
  if (key === "End") return last;
  if (key === "ArrowRight" || key === "ArrowUp")
    return now === undefined ? 0 : Math.min(last, now + 1);
  if (key === "ArrowLeft" || key === "ArrowDown")
    return now === undefined ? last : Math.max(0, now - 1);
  return undefined;
}

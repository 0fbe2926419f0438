import { View } from "react-native";
import { Txt } from "./Txt";

interface Props {
  label: string;
  /** The first names the rows. */
  head: readonly string[];
  rows: readonly (readonly string[])[];
}

/** A small table of words: names at the left, values at the right, the last column strongest. */
export function Table({ label, head, rows }: Props) {
  return (
    <View role="table" aria-label={label}>
      {[head, ...rows].map((cells, row) => (
        <View key={cells[0] || "head"} role="row" className="flex-row gap-2 py-[3px]">
          {cells.map((text, column) => (
            <Txt
              key={head[column]}
              role={row === 0 ? "columnheader" : "cell"}
              variant={
                row === 0 || column === 0
                  ? "label"
                  : column === cells.length - 1
                    ? "strong"
                    : "body"
              }
              className={column === 0 ? "flex-[4] text-ink" : "flex-[4] text-right"}
            >
              {text}
            </Txt>
          ))}
        </View>
      ))}
    </View>
  );
}

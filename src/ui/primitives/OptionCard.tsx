import { Pressable } from "react-native";
import { Txt } from "./Txt";

interface Props {
  label: string;
  chosen: boolean;
  /** What is said for it. */
  lines?: readonly (string | undefined)[];
  /** What it would come to. */
  figures?: string;
  onTake: () => void;
}

/** One answer of several as a card that is tapped whole, with what it would come to. */
export function OptionCard({ label, chosen, lines = [], figures, onTake }: Props) {
  return (
    <Pressable
      role="button"
      {...{ "aria-pressed": chosen }}
      aria-label={label}
      onPress={onTake}
      className={`min-h-[52px] gap-[2px] rounded-[14px] border px-3 py-2 active:opacity-80 ${chosen ? "border-leaf bg-leaf-wash" : "border-line bg-panel"}`}
    >
      <Txt variant="strong">{label}</Txt>
      {lines.map((line) =>
        line ? (
          <Txt key={line} variant="small" className="text-ink">
            {line}
          </Txt>
        ) : null,
      )}
      {figures ? (
        <Txt variant="label" className="text-ink">
          {figures}
        </Txt>
      ) : null}
    </Pressable>
  );
}

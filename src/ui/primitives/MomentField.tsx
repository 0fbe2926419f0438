import { isoDay } from "@/core/units/dates";
import { useId } from "react";
import { unstable_createElement } from "react-native-web";
import { FieldFrame, told } from "./FieldFrame";

interface Props {
  label: string;
  /** Milliseconds, or a day as `YYYY-MM-DD` for a day field. */
  value: string;
  onChange: (value: string) => void;
  kind: "day" | "moment";
  problem?: string;
  required?: boolean;
}

const types = { day: "date", moment: "datetime-local" };

/** A day or a moment, with the browser's own picker. */
export function MomentField({ label, value, onChange, kind, problem, required }: Props) {
  const id = useId();
  return (
    <FieldFrame label={label} id={id} problem={problem} required={required}>
      {unstable_createElement("input", {
        id,
        ...told({ id, problem, required }),
        type: types[kind],
        value,
        step: kind === "moment" ? 1 : undefined,
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        style: {
          minHeight: 52,
          borderRadius: 14,
          borderWidth: 1,
          borderStyle: "solid",
          borderColor: problem ? "var(--ember)" : "var(--edge)",
          backgroundColor: "var(--panel)",
          color: "var(--ink)",
          fontFamily: "Atkinson_600",
          fontSize: 16,
          paddingLeft: 12,
          paddingRight: 12,
          width: "100%",
          boxSizing: "border-box",
        },
      })}
    </FieldFrame>
  );
}

/** A moment as a moment field wants it: local time to the second. */
export function toLocalInput(at: number): string {
  return `${isoDay(at)}T${new Date(at).toTimeString().slice(0, 8)}`;
}

/** A moment field's content in milliseconds; NaN when it is empty or no date. */
export function fromLocalInput(text: string): number {
  return new Date(text).getTime();
}

import { unstable_createElement } from "react-native-web";

interface Props {
  /** What is set, for a screen reader. */
  label: string;
  /** `HH:MM`, local. */
  value: string;
  onChange: (value: string) => void;
  onDone?: () => void;
  wrong?: boolean;
}

/** A time of day alone, with the browser's own way of typing it. */
export function ClockField({ label, value, onChange, onDone, wrong = false }: Props) {
  return unstable_createElement("input", {
    type: "time",
    "aria-label": label,
    ...(wrong ? { "aria-invalid": true } : {}),
    value,
    onChange: (event: { target: { value: string } }) => onChange(event.target.value),
    onBlur: onDone,
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      if (event.key !== "Enter") return;
      event.preventDefault();
      onDone?.();
    },
    style: {
      minHeight: 48,
      minWidth: 96,
      borderRadius: 14,
      borderWidth: 1,
      borderStyle: "solid",
      borderColor: wrong ? "var(--ember)" : "var(--edge)",
      backgroundColor: "var(--panel)",
      color: "var(--ink)",
      fontFamily: "Atkinson_600",
      fontSize: 16,
      paddingLeft: 10,
      paddingRight: 10,
      boxSizing: "border-box",
    },
  });
}

/** A moment as a clock field has it. */
export function toClock(at: number): string {
  return new Date(at).toTimeString().slice(0, 5);
}

/** A clock's time on the day of a moment, ms; NaN where it is none. */
export function onItsDay(clock: string, day: number): number {
  const [hours = NaN, minutes = NaN] = clock.split(":").map(Number);
  return new Date(day).setHours(hours, minutes, 0, 0);
}

import { Choice } from "@/ui/primitives/Choice";

const options = [
  { value: "0", label: "Just now" },
  { value: "2", label: "2 min ago" },
  { value: "5", label: "5 min ago" },
  { value: "10", label: "10 min ago" },
] as const;

/** When it was: wet hands write things down late. */
export function AgoChoice({
  value,
  onChange,
}: {
  value: number;
  onChange: (minutes: number) => void;
}) {
  return (
    <Choice
      label="When"
      options={options}
      value={String(value) as (typeof options)[number]["value"]}
      onChange={(minutes) => onChange(Number(minutes))}
    />
  );
}

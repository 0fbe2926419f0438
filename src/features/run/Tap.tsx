import { useState } from "react";
import { Button } from "@/ui/primitives/Button";

interface Props {
  label: string;
  hint?: string;
  shortcut?: string;
  look: "quiet" | "main" | "danger";
  /** Entries in the log as it is drawn. */
  entries: number;
  /** False: nothing was noted. */
  onTap: () => boolean;
  className?: string;
}

/** Writes into the log. It lights up with the tap, until what is drawn has the entry. */
export function Tap({
  label,
  hint,
  shortcut,
  look,
  entries,
  onTap,
  className = "flex-1 px-1",
}: Props) {
  const [noting, setNoting] = useState<number>();
  return (
    <Button
      size="cockpit"
      className={className}
      look={look}
      lit={noting === entries}
      label={label}
      hint={hint}
      shortcut={shortcut}
      onPress={() => onTap() && setNoting(entries)}
    />
  );
}

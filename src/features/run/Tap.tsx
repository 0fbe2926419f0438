import { useState } from "react";
import { Button } from "@/ui/primitives/Button";
import { shieldTaps } from "@/ui/shieldTaps";

interface Props {
  label: string;
  hint?: string;
  shortcut?: string;
  look: "quiet" | "main" | "danger";
  /** Entries in the log as it is drawn. */
  entries: number;
  /** False: nothing was noted. */
  onTap: () => boolean;
  className: string;
}

/**
 * Writes into the log. It lights up with the tap, until what is drawn has the entry. Another button may
 * have taken its place by then: a double tap on "It boils" must not note the first drop as well.
 */
export function Tap({ label, hint, shortcut, look, entries, onTap, className }: Props) {
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
      onPress={() => {
        if (!onTap()) return;
        setNoting(entries);
        shieldTaps();
      }}
    />
  );
}

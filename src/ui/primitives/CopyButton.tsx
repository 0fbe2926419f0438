import { useEffect, useState } from "react";
import { Button } from "./Button";

/** Copies a text, and says that it did; where the browser refuses, it says that. */
export function CopyButton({ text, what }: { text: string; what: string }) {
  const [said, setSaid] = useState<string>();
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(() => setSaid(undefined), 2500);
    return () => clearTimeout(timer);
  }, [said]);
  return (
    <Button
      look="plain"
      size="small"
      label={said ?? "Copy"}
      hint={said ? `${said}: ${what}` : `Copy ${what}`}
      onPress={() => {
        /* Over plain http a browser keeps no clipboard. */
        const written = navigator.clipboard?.writeText(text);
        if (!written) return setSaid("Not allowed here");
        written.then(
          () => setSaid("Copied"),
          () => setSaid("Not allowed here"),
        );
      }}
    />
  );
}

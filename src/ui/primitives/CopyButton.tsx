import { useEffect, useState } from "react";
import { t } from "@/language/t";
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
      label={said ?? t`Copy`}
      hint={said ? `${said}: ${what}` : t`Copy ${what}`}
      onPress={() => {
        /* Over plain http a browser keeps no clipboard. */
        const written = navigator.clipboard?.writeText(text);
        if (!written) return setSaid(t`Not allowed here`);
        written.then(
          () => setSaid(t`Copied`),
          () => setSaid(t`Not allowed here`),
        );
      }}
    />
  );
}

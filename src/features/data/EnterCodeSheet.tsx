import { useRef, useState } from "react";
import { NotPaired } from "@/exchange/share/notPaired";
import { keepPair, namedDevice } from "@/exchange/share/sharingActs";
import { t } from "@/language/t";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";

/** Takes the code that another device shows, and pairs with it. */
export function EnterCodeSheet({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState(
    () => window.location.hash.match(/^#pair=([\w-]+)/)?.[1] ?? "",
  );
  const [problem, setProblem] = useState<string>();
  const [state, setState] = useState<"typing" | "asking" | "paired">("typing");
  const [pairedWith, setPairedWith] = useState("");
  /* Enter and a tap, or two taps, before anything is drawn. */
  const asking = useRef(false);
  async function pair() {
    if (asking.current) return;
    asking.current = true;
    setProblem(undefined);
    setState("asking");
    try {
      const { answerPairing } = await import("@/exchange/share/parts");
      const made = await answerPairing(await dispatch(namedDevice()), typed);
      await dispatch(keepPair(made));
      setPairedWith(made.other.name);
      setState("paired");
    } catch (error) {
      setProblem(error instanceof NotPaired ? error.message : String(error));
      setState("typing");
    } finally {
      asking.current = false;
    }
  }
  return (
    <Sheet
      title={t`Pair with another device`}
      intro={
        state === "paired"
          ? undefined
          : t`The other device shows a code. From then on both have the whole logbook of either.`
      }
      open
      onClose={onClose}
      onSubmit={() => void pair()}
    >
      {state === "paired" ? (
        <Txt role="status">{t`Paired with ${pairedWith}. Both logbooks are now brought together.`}</Txt>
      ) : (
        <>
          <TextField
            label={t`Code`}
            value={typed}
            onChange={setTyped}
            problem={problem}
            placeholder="K7QM-4XRT-9BHD"
            focused
          />
          <Button
            label={state === "asking" ? t`Waiting for the other device…` : t`Pair`}
            disabled={state === "asking"}
            once
            onPress={() => void pair()}
          />
        </>
      )}
    </Sheet>
  );
}

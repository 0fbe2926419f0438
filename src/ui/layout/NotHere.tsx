import type { Href } from "expo-router";
import type { ReactNode } from "react";
import { t } from "@/language/t";
import { Card } from "../primitives/Card";
import { Txt } from "../primitives/Txt";
import { Screen } from "./Screen";

interface Props {
  /** What was looked for: "This run". */
  what: string;
  back: { href: Href; label: string };
  /** Where else it may be. */
  children?: ReactNode;
}

/** An address that names what is not in this logbook. */
export function NotHere({ what, back, children }: Props) {
  return (
    <Screen title={t`Not here`} back={back}>
      <Card className="gap-3">
        <Txt>{t`${what} is not in this logbook. It may be in the bin (Bench, Data), or in another logbook.`}</Txt>
        {children}
      </Card>
    </Screen>
  );
}

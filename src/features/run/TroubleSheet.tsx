import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { troubleGuide } from "@/words/troubleGuide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { Log } from "./useLog";

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
  /** Heat off, as one tap from any trouble. */
  onHeatOff: () => void;
  heatOn: boolean;
}

/** What is seen, smelt or heard; then what to do. Opening one writes it down. */
export function TroubleSheet({ open, onClose, log, onHeatOff, heatOn }: Props) {
  const [id, setId] = useState<string>();
  const trouble = troubleGuide.find((each) => each.id === id);
  const close = () => {
    setId(undefined);
    onClose();
  };
  if (trouble) {
    return (
      <Sheet title={trouble.sign} open={open} onClose={close}>
        <Card wash={trouble.danger ? "ember" : "oil"} className="gap-2">
          <Txt variant="label" className="text-ink">{t`Now`}</Txt>
          {trouble.now.map((step, index) => (
            <Txt key={step} variant={index === 0 ? "heading" : "body"}>
              {step}
            </Txt>
          ))}
        </Card>
        <Card className="gap-1">
          <Txt variant="label">{t`Next time`}</Txt>
          <Txt>{trouble.next}</Txt>
        </Card>
        <View className="flex-row gap-2">
          {heatOn ? (
            <Button
              label={t`Heat off`}
              look="danger"
              size="cockpit"
              className="flex-1"
              onPress={() => {
                onHeatOff();
                close();
              }}
            />
          ) : null}
          <Button
            label={t`Others`}
            look="quiet"
            size="cockpit"
            className="flex-1"
            onPress={() => setId(undefined)}
          />
        </View>
        <Txt variant="small">{t`It stands in the log. Where this and a local code or a licensed professional differ, follow them.`}</Txt>
      </Sheet>
    );
  }
  return (
    <Sheet
      title={t`Trouble`}
      intro={t`What do you see, smell or hear?`}
      open={open}
      onClose={close}
    >
      <View className="gap-2">
        {troubleGuide.map(({ id: each, sign, danger }) => (
          <Button
            key={each}
            label={sign}
            look="quiet"
            size="cockpit"
            className={danger ? "border-ember" : ""}
            onPress={() => {
              log.write({ type: "trouble", what: sign });
              setId(each);
            }}
          />
        ))}
      </View>
    </Sheet>
  );
}

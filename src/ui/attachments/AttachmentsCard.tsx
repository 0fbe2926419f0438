import { showDayLong, showTime } from "@/core/units/dates";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { Button } from "../primitives/Button";
import { Card } from "../primitives/Card";
import { FileChoice } from "../primitives/FileChoice";
import { Notice } from "../primitives/Notice";
import { Txt } from "../primitives/Txt";
import { AttachmentView } from "./AttachmentView";
import { HoldToSpeak } from "./HoldToSpeak";

interface Item {
  id: string;
  at: number;
  href: string;
  aspect?: number;
}

interface Props {
  /** Whose they are: "Clary sage, harvest of 18 July". */
  name: string;
  items: readonly Item[];
  dropped: number;
  problem: string | undefined;
  busy: boolean;
  recordingSince: number | undefined;
  longestSeconds: number;
  addPicture: (file: File) => void;
  startSpeaking: () => void;
  stopSpeaking: () => void;
  drop: (id: string) => void;
  bringBack: () => void;
}

/** Pictures and spoken notes: from the camera, a file or the microphone, kept on this device. */
export function AttachmentsCard({ name, items, dropped, problem, ...acts }: Props) {
  return (
    <Card className="no-print gap-3">
      <Txt variant="heading">{t`Pictures and spoken notes`}</Txt>
      {problem ? <Notice severity="error" message={problem} /> : null}
      {items.map(({ id, at, href, aspect }, i) => {
        const what = aspect === undefined ? t`spoken note` : t`picture`;
        const called = t`${name}, ${showDayLong(at)}, ${what} ${i + 1} of ${items.length}`;
        return (
          <View key={id} className="gap-1">
            <AttachmentView href={href} aspect={aspect} name={called} />
            <View className="flex-row items-center justify-between gap-3">
              <Txt variant="small">{`${showDayLong(at)}, ${showTime(at)}`}</Txt>
              <Button
                look="plain"
                size="small"
                leaves
                label={t`Remove`}
                hint={t`Remove ${what} ${i + 1}`}
                onPress={() => acts.drop(id)}
              />
            </View>
          </View>
        );
      })}
      {dropped > 0 ? (
        <View className="flex-row items-center justify-between gap-3">
          <Txt role="status">{t`${dropped} removed.`}</Txt>
          <Button
            look="plain"
            size="small"
            leaves
            label={plural(dropped, { one: "Bring it back", other: "Bring them back" })}
            onPress={acts.bringBack}
          />
        </View>
      ) : null}
      <AttachmentButtons name={name} {...acts} />
      <Txt variant="small">
        {items.length === 0
          ? t`Pictures are made small, without the place where they were taken. All is kept on this device.`
          : t`${plural(items.length, { one: "# piece", other: "# pieces" })}, in the logbook’s file if you wish (Bench, Data).`}
      </Txt>
    </Card>
  );
}

/** The ways to add one. */
export function AttachmentButtons({
  name,
  busy,
  recordingSince,
  longestSeconds,
  addPicture,
  startSpeaking,
  stopSpeaking,
}: Pick<
  Props,
  | "name"
  | "busy"
  | "recordingSince"
  | "longestSeconds"
  | "addPicture"
  | "startSpeaking"
  | "stopSpeaking"
>) {
  return (
    <View className="gap-2">
      <View className="flex-row">
        <HoldToSpeak
          since={recordingSince}
          longestSeconds={longestSeconds}
          onStart={startSpeaking}
          onStop={stopSpeaking}
        />
      </View>
      <View className="flex-row flex-wrap gap-2">
        <FileChoice
          label={t`Take a picture: ${name}`}
          button={busy ? t`Making it small…` : t`Take a picture`}
          accept="image/*"
          size="small"
          camera
          disabled={busy}
          onChoose={addPicture}
        />
        <FileChoice
          label={t`A picture from a file: ${name}`}
          button={t`From a file`}
          accept="image/*"
          size="small"
          disabled={busy}
          onChoose={addPicture}
        />
      </View>
    </View>
  );
}

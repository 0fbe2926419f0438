import { useRouter } from "expo-router";
import { useEffect, useRef, useState } from "react";
import { View } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { isCode, readCode } from "@/records/codes";
import { useAppSelector } from "@/store/hooks";
import { selectStock } from "@/store/stock";
import { Button } from "@/ui/primitives/Button";
import { FileChoice } from "@/ui/primitives/FileChoice";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";

/* A picture wider than this says no more about a code, and takes longer to read. */
const widestPx = 1200;

/** Opens a bottle by its label: through the camera, from a picture, or typed. */
export function ScanSheet({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const { bottles, lots } = useAppSelector(selectStock);
  const video = useRef<HTMLVideoElement>(null);
  const [camera, setCamera] = useState<"off" | "asked" | "on" | "refused">("off");
  const [problem, setProblem] = useState<string>();
  const [typed, setTyped] = useState("");

  function open(text: string): boolean {
    const all = [...bottles, ...lots];
    const read = readCode(
      codeIn(text),
      all.map(({ code }) => code),
    );
    if (!("found" in read)) {
      setProblem(notFound(text, read.near));
      return false;
    }
    const those = all.find(({ code }) => code === read.found)!;
    onClose();
    router.push(`/shelf/${those.kind === "lot" ? those.id : those.lotId}`);
    return true;
  }
  const latestOpen = useRef(open);
  useEffect(() => {
    latestOpen.current = open;
  });

  useEffect(() => {
    if (camera !== "asked") return;
    let stream: MediaStream | undefined;
    let going = true;
    const look = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: "environment" },
        });
      } catch {
        if (going) setCamera("refused");
        return;
      }
      const screen = video.current;
      if (!going || !screen) return stream.getTracks().forEach((track) => track.stop());
      screen.srcObject = stream;
      await screen.play();
      while (going) {
        const text = await codeOf(screen, screen.videoWidth, screen.videoHeight);
        if (text && going && latestOpen.current(text)) return;
        await new Promise((next) => setTimeout(next, 150));
      }
    };
    void look();
    return () => {
      going = false;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [camera]);

  async function fromPicture(chosen: File) {
    setProblem(undefined);
    try {
      const picture = await createImageBitmap(chosen);
      const text = await codeOf(picture, picture.width, picture.height);
      if (text) open(text);
      else setProblem(t`No code is to be seen in this picture. Nearer and straighter, or type it.`);
    } catch {
      setProblem(t`This file is not a picture that the browser can open.`);
    }
  }

  return (
    <Sheet title={t`Find by its label`} open onClose={onClose} onSubmit={() => open(typed)}>
      {camera === "off" || camera === "refused" ? null : (
        <View className="overflow-hidden rounded-card bg-ink">
          {unstable_createElement("video", {
            ref: video,
            muted: true,
            playsInline: true,
            "aria-label": t`What the camera sees`,
            style: { width: "100%", maxHeight: 320, objectFit: "cover" },
          })}
        </View>
      )}
      {camera === "refused" ? (
        <Notice
          severity="note"
          message={t`The browser gives no camera here.`}
          remedy={t`Take a picture and choose it, or type the code.`}
        />
      ) : null}
      {problem ? <Notice severity="caution" message={problem} /> : null}
      <View className="flex-row flex-wrap gap-2">
        {camera === "off" || camera === "refused" ? (
          <Button look="quiet" label={t`Use the camera`} onPress={() => setCamera("asked")} />
        ) : null}
        <FileChoice
          label={t`A picture of the label`}
          button={t`From a picture`}
          accept="image/*"
          onChoose={(file) => void fromPicture(file)}
        />
      </View>
      <TextField
        label={t`Or type its code`}
        value={typed}
        onChange={(next) => {
          setTyped(next);
          setProblem(undefined);
        }}
        placeholder="K7Q-4MX"
        help={t`Six letters and digits; small or capital, hyphen or none.`}
      />
      <Button label={t`Open it`} onPress={() => open(typed)} />
      <Txt variant="small">{t`What the camera sees stays on this device.`}</Txt>
    </Sheet>
  );
}

/** A label's code holds the word, or an address that ends in it. */
function codeIn(text: string): string {
  return text.split(/[/?#=\s:]/).findLast((part) => isCode(part)) ?? text;
}

function notFound(text: string, near: readonly string[]): string {
  const said = text.trim() ? t`No bottle here has the code ${text.trim()}.` : t`Type a code first.`;
  return near.length === 0 ? said : t`${said} Near it: ${near.join(", ")}.`;
}

/** The text of a QR code in a picture; undefined where there is none. */
async function codeOf(
  picture: CanvasImageSource,
  width: number,
  height: number,
): Promise<string | undefined> {
  if (!width || !height) return undefined;
  const { default: readQr } = await import("jsqr");
  const scale = Math.min(1, widestPx / width);
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) return undefined;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return readQr(data, canvas.width, canvas.height)?.data || undefined;
}

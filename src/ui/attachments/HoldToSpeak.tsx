import Mic from "lucide-react-native/icons/mic";
import { useState } from "react";
import { Text } from "react-native";
import { unstable_createElement } from "react-native-web";
import { t } from "@/language/t";
import { useNow } from "../useNow";

interface Props {
  /** Since when it records, ms of the page's clock. */
  since: number | undefined;
  longestSeconds: number;
  onStart: () => void;
  onStop: () => void;
}

/* A tap shorter than this is no holding: it goes on until the next tap. */
const heldMs = 400;

interface PointerDown {
  pointerId: number;
  timeStamp: number;
  currentTarget: HTMLElement;
}

/** Held while one speaks; a short tap, or Enter, begins and the next one ends. For wet hands. */
export function HoldToSpeak({ since, longestSeconds, onStart, onStop }: Props) {
  const [press] = useState({ at: 0, began: false });
  const speaking = since !== undefined;
  const begin = (at: number) => {
    Object.assign(press, { at, began: !speaking });
    if (!speaking) onStart();
  };
  const end = ({ timeStamp }: { timeStamp: number }) => {
    const held = timeStamp - press.at >= heldMs;
    if (!press.began || held) onStop();
  };
  return unstable_createElement("button", {
    type: "button",
    "aria-pressed": speaking,
    "aria-label": speaking ? t`Recording. Let go or tap to stop` : t`Hold to speak a note`,
    onPointerDown: ({ currentTarget, pointerId, timeStamp }: PointerDown) => {
      /* A finger that slides off it goes on speaking. */
      currentTarget.setPointerCapture?.(pointerId);
      begin(timeStamp);
    },
    onPointerUp: end,
    onPointerCancel: end,
    onContextMenu: (event: Event) => event.preventDefault(),
    onKeyDown: (event: KeyboardEvent) => {
      if (event.repeat || (event.key !== "Enter" && event.key !== " ")) return;
      event.preventDefault();
      if (speaking) onStop();
      else onStart();
    },
    style: {
      display: "flex",
      flex: 1,
      minHeight: 64,
      alignItems: "center",
      justifyContent: "center",
      gap: 8,
      paddingLeft: 12,
      paddingRight: 12,
      borderRadius: 18,
      borderWidth: 1,
      borderStyle: "solid",
      borderColor: speaking ? "var(--ember)" : "var(--edge)",
      backgroundColor: speaking ? "var(--ember-wash)" : "var(--panel)",
      color: "var(--ink)",
      cursor: "pointer",
      touchAction: "none",
      userSelect: "none",
    },
    children: (
      <>
        <Mic size={22} color={speaking ? "var(--ember)" : "var(--ink)"} />
        <Text className="text-center font-bold text-[17px] text-ink">
          {speaking ? <Running longestSeconds={longestSeconds} /> : t`Hold to speak`}
        </Text>
      </>
    ),
  });
}

/* Counted from its own beginning: the button is drawn anew with each recording. */
function Running({ longestSeconds }: { longestSeconds: number }) {
  const now = useNow(500);
  const [begun] = useState(() => Date.now());
  const seconds = Math.max(0, Math.round((now - begun) / 1000));
  return t`Recording, ${seconds} of ${longestSeconds} s`;
}

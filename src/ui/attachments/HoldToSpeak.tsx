import Mic from "lucide-react-native/icons/mic";
import { useRef, useState } from "react";
import { Pressable, Text } from "react-native";
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

/** Held while one speaks; a short tap, or Enter, begins and the next one ends. For wet hands. */
export function HoldToSpeak({ since, longestSeconds, onStart, onStop }: Props) {
  const down = useRef(0);
  const began = useRef(false);
  const speaking = since !== undefined;
  return (
    <Pressable
      role="button"
      aria-pressed={speaking}
      aria-label={speaking ? "Recording. Let go or tap to stop" : "Hold to speak a note"}
      onPressIn={() => {
        down.current = performance.now();
        began.current = !speaking;
        if (!speaking) onStart();
      }}
      onPressOut={() => {
        const held = performance.now() - down.current >= heldMs;
        if (!began.current || held) onStop();
      }}
      className={`min-h-[64px] flex-1 flex-row items-center justify-center gap-2 rounded-[18px] border px-3 ${speaking ? "border-ember bg-ember-wash" : "border-edge bg-panel"}`}
    >
      <Mic size={22} color={speaking ? "var(--ember)" : "var(--ink)"} />
      <Text className="text-center font-bold text-[17px] text-ink">
        {speaking ? <Running longestSeconds={longestSeconds} /> : "Hold to speak"}
      </Text>
    </Pressable>
  );
}

/* Counted from its own beginning: the button is drawn anew with each recording. */
function Running({ longestSeconds }: { longestSeconds: number }) {
  const now = useNow(500);
  const [begun] = useState(() => Date.now());
  const seconds = Math.max(0, Math.round((now - begun) / 1000));
  return `Recording, ${seconds} of ${longestSeconds} s`;
}

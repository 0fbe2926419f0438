import * as Dialog from "@rn-primitives/dialog";
import { useDeferredValue, useLayoutEffect, useRef, type ReactNode } from "react";
import { ScrollView, View } from "react-native";
import { t } from "@/language/t";
import { focusBack } from "../focusHeading";
import { shieldTaps } from "../shieldTaps";
import { useAfterAnswer } from "../useAfterAnswer";
import { useBackCloses } from "../useBackCloses";
import { Button } from "./Button";
import { FormArea } from "./FormArea";
import { Txt } from "./Txt";

interface Props {
  title: string;
  /** A sentence under the title. */
  intro?: string;
  open: boolean;
  onClose: () => void;
  /** The main button's work, done by Enter too. */
  onSubmit?: () => void;
  children: ReactNode;
}

/**
 * A sheet over the screen: from below on a phone, at the right on a wide screen. Its way out stands at
 * the foot on the left, where the cockpit has its log, and nothing stands where Heat off is.
 */
export function Sheet({ title, intro, open, onClose, onSubmit, children }: Props) {
  /* The sheet itself answers the tap; what is in it follows at once, but not before. */
  const filled = useDeferredValue(open, false);
  const opener = useRef<HTMLElement | null>(null);
  useBackCloses(open, onClose);
  return (
    <Dialog.Root open={open} onOpenChange={(now) => (now ? undefined : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay className="sheet-overlay">
          <Dialog.Content
            className="sheet-content"
            onOpenAutoFocus={(event) => {
              opener.current = document.activeElement as HTMLElement | null;
              /* On the sheet itself: the tab key goes to its first field, which is not there yet. */
              event.preventDefault();
              (event.target as HTMLElement | null)?.focus();
            }}
            onCloseAutoFocus={(event) => {
              event.preventDefault();
              focusBack(opener.current);
            }}
            {...{ "aria-describedby": undefined }}
          >
            <Shield />
            <View className="px-5 pt-4">
              <Dialog.Title asChild>
                <Txt variant="heading">{title}</Txt>
              </Dialog.Title>
            </View>
            <ScrollView className="px-5" contentContainerClassName="pb-4 pt-1">
              <FormArea onSubmit={onSubmit} className="gap-4">
                {intro ? <Txt variant="small">{intro}</Txt> : null}
                {filled ? children : null}
              </FormArea>
            </ScrollView>
            <View className="sheet-foot min-h-[80px] flex-row items-center border-t border-line px-3">
              <CloseButton onClose={onClose} />
            </View>
          </Dialog.Content>
        </Dialog.Overlay>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Shields what lay under the sheet from a second tap of the thumb that closed it. */
function Shield() {
  useLayoutEffect(() => shieldTaps, []);
  return null;
}

function CloseButton({ onClose }: { onClose: () => void }) {
  const [closing, close] = useAfterAnswer();
  return (
    <Button
      label={t`Close`}
      look="quiet"
      lit={closing}
      size="cockpit"
      className="min-w-[104px]"
      onPress={() => close(onClose)}
    />
  );
}

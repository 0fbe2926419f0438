import * as Dialog from "@rn-primitives/dialog";
import { useDeferredValue, type ReactNode } from "react";
import { ScrollView, View } from "react-native";
import { useAfterAnswer } from "../useAfterAnswer";
import { Button } from "./Button";
import { Txt } from "./Txt";

interface Props {
  title: string;
  /** A sentence under the title. */
  intro?: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}

/** A sheet over the screen: from below on a phone, in the middle on a wide screen. */
export function Sheet({ title, intro, open, onClose, children }: Props) {
  /* The sheet itself answers the tap; what is in it follows at once, but not before. */
  const filled = useDeferredValue(open, false);
  return (
    <Dialog.Root open={open} onOpenChange={(now) => (now ? undefined : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay className="sheet-overlay">
          <Dialog.Content className="sheet-content" {...{ "aria-describedby": undefined }}>
            <View className="flex-row items-center justify-between gap-3 px-5 pt-4">
              <Dialog.Title asChild>
                <Txt variant="heading" className="flex-1">
                  {title}
                </Txt>
              </Dialog.Title>
              <CloseButton onClose={onClose} />
            </View>
            <ScrollView className="px-5" contentContainerClassName="gap-4 pb-6 pt-1">
              {intro ? <Txt variant="small">{intro}</Txt> : null}
              {filled ? children : null}
            </ScrollView>
          </Dialog.Content>
        </Dialog.Overlay>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function CloseButton({ onClose }: { onClose: () => void }) {
  const [closing, close] = useAfterAnswer();
  return (
    <Button label="Close" look="plain" lit={closing} size="small" onPress={() => close(onClose)} />
  );
}

import { useEffect, useState } from "react";
import { Text, View } from "react-native";
import Svg, { Rect } from "react-native-svg";
import { qrOfText } from "@/exchange/labels/qr";
import { NotPaired } from "@/exchange/share/notPaired";
import type { Offer } from "@/exchange/share/pairing";
import { keepPair, namedDevice } from "@/exchange/share/sharingActs";
import { t } from "@/language/t";
import { useAppDispatch } from "@/store/hooks";
import { CopyButton } from "@/ui/primitives/CopyButton";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  /** Where another device finds this server. */
  addresses: readonly string[];
  onClose: () => void;
}

/** Shows a code, to type or to scan, until another device has used it. */
export function ShowCodeSheet({ addresses, onClose }: Props) {
  const dispatch = useAppDispatch();
  const [code, setCode] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const [pairedWith, setPairedWith] = useState<string>();
  useEffect(() => {
    let offer: Offer | undefined;
    let closed = false;
    async function show() {
      const { offerPairing } = await import("@/exchange/share/parts");
      offer = await offerPairing(await dispatch(namedDevice()));
      if (closed) return offer.cancel();
      setCode(offer.code);
      const pair = await offer.paired;
      await dispatch(keepPair(pair));
      setPairedWith(pair.other.name);
    }
    show().catch((error: unknown) => {
      if (!closed)
        setProblem(
          error instanceof NotPaired
            ? t`${error.message} Close this and show a new one.`
            : t`No code could be made: ${String(error)}`,
        );
    });
    return () => {
      closed = true;
      offer?.cancel();
    };
  }, [dispatch]);
  const from = reachable(addresses);
  return (
    <Sheet title={t`Pair another device`} open onClose={onClose}>
      {problem ? <Notice severity="error" message={problem} /> : null}
      {pairedWith ? (
        <Txt role="status">{t`Paired with ${pairedWith}. Both logbooks are now brought together.`}</Txt>
      ) : code ? (
        <View className="gap-3">
          {from ? (
            <>
              <Txt>{t`Scan this with the other device’s camera:`}</Txt>
              <QrCode text={`${from}/bench/data#pair=${code}`} />
              <Txt>{t`Or open ${from}/bench/data there, choose “Enter a code” and type:`}</Txt>
            </>
          ) : (
            <Txt>{t`On the other device open Bench, Data, choose “Enter a code” and type this. It must come from the same server; a server that was started with HOST=0.0.0.0 can be reached from other devices.`}</Txt>
          )}
          <Text role="status" className="font-bold text-[26px] leading-[34px] text-ink">
            {code}
          </Text>
          <View className="flex-row">
            <CopyButton what={t`the code`} text={code} />
          </View>
          <Txt variant="small">{t`It is good for ten minutes and for one device. Give it to nobody else: whoever uses it gets the whole logbook.`}</Txt>
        </View>
      ) : problem ? null : (
        <Txt role="status">{t`Making a code…`}</Txt>
      )}
    </Sheet>
  );
}

/* The page's own address serves, unless it names this machine to itself. */
function reachable(addresses: readonly string[]): string | undefined {
  const { hostname, origin } = window.location;
  return /^(localhost|127\.|\[::1\])/.test(hostname) ? addresses[0] : origin;
}

const qrSidePx = 220;
/* A reader needs as much white around it. */
const quiet = 4;

function QrCode({ text }: { text: string }) {
  const { size, runs } = qrOfText(text);
  const side = size + 2 * quiet;
  return (
    <View role="img" aria-label={t`The code as a QR code`} className="self-center">
      <Svg
        width={qrSidePx}
        height={qrSidePx}
        viewBox={`0 0 ${side} ${side}`}
        {...{ shapeRendering: "crispEdges" }}
      >
        <Rect width={side} height={side} fill="#ffffff" />
        {runs.map(({ x, y, length }) => (
          <Rect
            key={`${x}-${y}`}
            x={x + quiet}
            y={y + quiet}
            width={length}
            height={1}
            fill="#000000"
          />
        ))}
      </Svg>
    </View>
  );
}

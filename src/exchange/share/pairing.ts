import { t } from "@/language/t";
import type { Pair } from "@/storage/shareStorage";
import { NotPaired } from "./notPaired";
import { grouped, newPairCode, readPairCode } from "./pairCode";
import { pairingMessageSchema, type PairingMessage } from "./peerMessages";
import { openRelayLine } from "./relayLine";
import { keyOfCode, keyOfText, keyText, lineOfKey, newKey } from "./sealed";

interface Me {
  id: string;
  name: string;
}

/** How long a code may be used, ms. */
const codeLastsMs = 10 * 60e3;
/* How long the other device may take to answer, ms. */
const answerWithinMs = 30_000;
const answeredMs = 10_000;

/** A pairing that this device offers. */
export interface Offer {
  code: string;
  /** Resolves once another device has used the code; rejects with `NotPaired` when its time is over or it was taken back. */
  paired: Promise<Pair>;
  cancel(): void;
}

/** Offers this logbook under a new code, for ten minutes and one device. */
export async function offerPairing(me: Me): Promise<Offer> {
  const code = newPairCode();
  const key = await keyOfCode(code.replaceAll("-", ""));
  const shared = newKey();
  let first: string | undefined;
  let over: ReturnType<typeof setTimeout>;
  let cancel: () => void = () => undefined;
  const paired = new Promise<Pair>((resolve, reject) => {
    const line = openRelayLine(key, me.id, {
      message(value) {
        const read = pairingMessageSchema.safeParse(value);
        if (!read.success || read.data.kind !== "ask") return;
        const { device, name } = read.data;
        /* One device and no other; it may ask twice, where the answer was lost. */
        if (device !== (first ??= device)) return;
        const welcome: PairingMessage = {
          kind: "welcome",
          to: device,
          device: me.id,
          name: me.name,
          key: keyText(shared),
        };
        line.send(welcome, true);
        resolve(pairOf(keyText(shared), { id: device, name }));
        /* Once the answer has had time to go out, the code is worth nothing. */
        clearTimeout(over);
        over = setTimeout(() => end(key, line), answeredMs);
      },
      open: () => undefined,
      present: () => undefined,
      cut: () => undefined,
      ended: () => reject(new NotPaired(t`The code was ended.`)),
    });
    over = setTimeout(() => cancel(), codeLastsMs);
    cancel = () => {
      if (first !== undefined) return;
      clearTimeout(over);
      end(key, line);
      reject(new NotPaired(t`The code is no longer valid.`));
    };
  });
  paired.catch(() => undefined);
  return { code: grouped(code.replaceAll("-", "")), paired, cancel: () => cancel() };
}

/**
 * Pairs with the device that shows a code.
 * @throws NotPaired where the code is no code, nobody answers, or it was used
 */
export async function answerPairing(me: Me, typed: string): Promise<Pair> {
  const read = readPairCode(typed);
  if (!read.ok) throw new NotPaired(read.problem);
  const key = await keyOfCode(read.letters);
  return new Promise<Pair>((resolve, reject) => {
    const fail = (problem: string) => {
      line.close();
      reject(new NotPaired(problem));
    };
    const late = setTimeout(
      () =>
        fail(
          t`No device answered to this code. Look whether the other screen still shows it, and whether both have opened Sereno from the same server.`,
        ),
      answerWithinMs,
    );
    const line = openRelayLine(key, me.id, {
      message(value) {
        const answer = pairingMessageSchema.safeParse(value);
        if (!answer.success || answer.data.kind !== "welcome" || answer.data.to !== me.id) return;
        const { device, name, key: shared } = answer.data;
        if (!keyOfText(shared)) return;
        clearTimeout(late);
        /* The code is worth nothing from now on: the answer in it must not lie about. */
        end(key, line);
        resolve(pairOf(shared, { id: device, name }));
      },
      open: () =>
        line.send({ kind: "ask", device: me.id, name: me.name } satisfies PairingMessage, true),
      present: () => undefined,
      cut: () => undefined,
      ended() {
        clearTimeout(late);
        fail(t`This code was used or has run out. Ask the other device for a new one.`);
      },
    });
  });
}

function end(key: Uint8Array, line: { close(): void }): void {
  line.close();
  void fetch(`/relay/${lineOfKey(key)}`, { method: "DELETE" }).catch(() => undefined);
}

function pairOf(key: string, other: { id: string; name: string }): Pair {
  return {
    line: lineOfKey(keyOfText(key)!),
    key,
    other,
    since: new Date().toISOString(),
  };
}

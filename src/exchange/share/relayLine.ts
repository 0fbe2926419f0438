import { beatMs, relayEventSchema } from "@/messages/relayMessages";
import { lineOfKey, seal, unseal, type LineKey } from "./sealed";

/** What happens on a line. */
interface LineEvents {
  /** A message of the other device, unsealed; not checked yet. */
  message(value: unknown): void;
  /** The line is open, for the first time or again: what was said meanwhile may be lost. */
  open(): void;
  /** Whether any other device listens. */
  present(others: boolean): void;
  /** Nothing goes through; it is tried again. */
  cut(): void;
  /** The other device has ended it. */
  ended(): void;
}

/** A line to the other device, through the server that the page came from. */
export interface RelayLine {
  /** Seals and sends; `keep`: the server keeps it for a device that is away. What fails is not sent again. */
  send(value: unknown, keep: boolean): void;
  close(): void;
}

const pausesMs = [1000, 2000, 5000];
/* The line is silent, and opened anew, when three beats were missed. */
const silentMs = 3 * beatMs + 2000;
const confirmAfterMs = 2000;

/** Opens a line by its key, and opens it again whenever it is cut, until it is closed. */
export function openRelayLine(key: LineKey, device: string, events: LineEvents): RelayLine {
  const name = lineOfKey(key);
  const address = `/relay/${name}`;
  let source: EventSource | undefined;
  let tries = 0;
  let over = false;
  let last = 0;
  let confirmed = 0;
  let again: ReturnType<typeof setTimeout> | undefined;
  let silence: ReturnType<typeof setTimeout> | undefined;
  let confirming: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<unknown> = Promise.resolve();

  function open(): void {
    if (over) return;
    source?.close();
    source = new EventSource(`${address}/stream?device=${device}&after=${last}`);
    source.onopen = () => {
      tries = 0;
      hear();
      events.open();
    };
    source.onerror = cut;
    source.onmessage = ({ data, lastEventId }: MessageEvent<string>) => {
      hear();
      const read = relayEventSchema.safeParse(parsed(data));
      if (!read.success) return;
      switch (read.data.kind) {
        case "message": {
          last = Number(lastEventId) || last;
          const { from, sealed } = read.data;
          const value = unseal(key, from, sealed);
          if (value !== undefined) events.message(value);
          confirming ??= setTimeout(confirm, confirmAfterMs);
          return;
        }
        case "present":
          return events.present(read.data.devices.some((each) => each !== device));
        case "ended":
          close();
          return events.ended();
      }
    };
  }

  function hear(): void {
    clearTimeout(silence);
    silence = setTimeout(cut, silentMs);
  }

  function cut(): void {
    if (over) return;
    source?.close();
    source = undefined;
    clearTimeout(silence);
    clearTimeout(again);
    again = setTimeout(open, pausesMs[Math.min(tries, pausesMs.length - 1)]);
    tries += 1;
    events.cut();
  }

  /* What has come needs no keeping any more. */
  function confirm(): void {
    confirming = undefined;
    if (over || last === confirmed) return;
    const upTo = last;
    void post(`${address}/has`, { device, upTo }).then(
      () => (confirmed = upTo),
      () => undefined,
    );
  }

  function comeBack(): void {
    if (source) return;
    clearTimeout(again);
    open();
  }

  function close(): void {
    over = true;
    for (const timer of [again, silence, confirming]) clearTimeout(timer);
    source?.close();
    window.removeEventListener("online", comeBack);
    window.removeEventListener("offline", cut);
  }

  window.addEventListener("online", comeBack);
  window.addEventListener("offline", cut);
  open();
  return {
    send(value, keep) {
      const message = { from: device, sealed: seal(key, device, value), keep };
      sending = sending.then(() => post(address, message)).catch(cut);
    },
    close,
  };
}

async function post(address: string, value: unknown): Promise<void> {
  const { ok, status } = await fetch(address, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(value),
  });
  /* Ended or refused is told on the stream; only what may go through later counts as cut. */
  if (!ok && status >= 500) throw new Error(`the server answers ${status}`);
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

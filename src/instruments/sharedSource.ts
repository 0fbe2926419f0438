import { z } from "zod";
import { instrumentBeatMs } from "@/messages/instrumentMessages";
import { newId } from "@/records/base";

/** What is heard of an instrument. */
export interface Heard {
  onOpen: () => void;
  onMessage: (text: string) => void;
  /** The line broke; closed: it is not tried again. */
  onError: (closed: boolean) => void;
  /** The line stands, and nothing has come over it for three beats; it is opened anew. */
  onSilent: () => void;
}

const mostTold = 100_000;
const noticeSchema = z.discriminatedUnion("type", [
  z.object({
    type: z.literal("samples"),
    texts: z.array(z.string()).max(mostTold),
    /** Which tab holds the line, and the place of the first of these among all it has heard. */
    line: z.string(),
    first: z.int().min(0),
  }),
  z.object({ type: z.literal("status"), status: z.enum(["open", "lost", "closed", "silent"]) }),
  z.object({ type: z.literal("hello") }),
]);
type Notice = z.infer<typeof noticeSchema>;
type Status = Extract<Notice, { type: "status" }>["status"];

/* So often the other tabs are told what came: as often as a cockpit looks. */
const tellMs = 500;
/* A tab that joins is told what came in so many ms: what the others may not have stored yet. */
const recentMs = 30_000;
/* Three beats missed. */
const silentAfterMs = 3 * instrumentBeatMs + 1000;

/**
 * Hears an instrument's stream. Of all tabs that want it one holds the line and tells the others: a
 * browser has six lines to a server and no more. The next tab takes over when that one goes. Where
 * tabs cannot agree, on plain http from another device, each has a line of its own.
 * @returns a function that stops hearing
 */
export function openSharedSource(address: string, heard: Heard): () => void {
  const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
  if (!locks || typeof BroadcastChannel === "undefined") return openSource(address, heard);
  const channel = new BroadcastChannel(`line${address}`);
  const stopped = new AbortController();
  let leave: () => void = () => undefined;
  let status: Status | undefined;
  const tell = (notice: Notice) => channel.postMessage(notice);
  let leads = false;
  let recent: { text: string; at: number; place: number }[] = [];
  const line = newId();
  const tellFrom = (place: number) => {
    const told = recent.filter((each) => each.place >= place);
    if (told[0])
      tell({
        type: "samples",
        texts: told.map(({ text }) => text),
        line,
        first: told[0].place,
      });
  };
  /* What a tab that joined has told once more is heard by all: each hears every text once. */
  let hearing = { line: "", next: 0 };
  const hear = ({ texts, line: from, first }: Extract<Notice, { type: "samples" }>) => {
    if (hearing.line !== from) hearing = { line: from, next: 0 };
    texts.slice(Math.max(0, hearing.next - first)).forEach(heard.onMessage);
    hearing.next = Math.max(hearing.next, first + texts.length);
  };

  channel.onmessage = ({ data }: MessageEvent<unknown>) => {
    const notice = noticeSchema.safeParse(data);
    if (!notice.success) return;
    if (notice.data.type === "hello") {
      if (leads && status) tell({ type: "status", status });
      if (leads) tellFrom(0);
    } else if (leads) return;
    else if (notice.data.type === "samples") hear(notice.data);
    else if (notice.data.status === "open") heard.onOpen();
    else if (notice.data.status === "silent") heard.onSilent();
    else heard.onError(notice.data.status === "closed");
  };
  tell({ type: "hello" });

  const lead = () =>
    new Promise<void>((done) => {
      leads = true;
      let [heardSoFar, toldSoFar] = [0, 0];
      const timer = setInterval(() => {
        tellFrom(toldSoFar);
        toldSoFar = heardSoFar;
        recent = recent.filter(({ at }) => at > performance.now() - recentMs).slice(-mostTold);
      }, tellMs);
      const is = (next: typeof status) => {
        status = next;
        if (next) tell({ type: "status", status: next });
      };
      const close = openSource(address, {
        onOpen: () => (is("open"), heard.onOpen()),
        onMessage(text) {
          recent.push({ text, at: performance.now(), place: heardSoFar });
          heardSoFar += 1;
          heard.onMessage(text);
        },
        onError: (closed) => (is(closed ? "closed" : "lost"), heard.onError(closed)),
        onSilent: () => (is("silent"), heard.onSilent()),
      });
      leave = () => {
        clearInterval(timer);
        close();
        done();
      };
    });
  locks.request(`line${address}`, { signal: stopped.signal }, lead).catch(() => undefined);
  return () => {
    stopped.abort();
    leave();
    channel.close();
  };
}

function openSource(address: string, { onOpen, onMessage, onError, onSilent }: Heard): () => void {
  let source: EventSource;
  let silence: ReturnType<typeof setTimeout> | undefined;
  let silent = false;
  const wait = () => {
    clearTimeout(silence);
    silence = setTimeout(openAgain, silentAfterMs);
  };
  const alive = () => {
    wait();
    if (silent) onOpen();
    silent = false;
  };
  const open = () => {
    source = new EventSource(address);
    source.onopen = () => {
      /* A line that was silent counts as open with the first word over it. */
      if (!silent) onOpen();
      wait();
    };
    source.onmessage = ({ data }: MessageEvent<string>) => {
      alive();
      onMessage(data);
    };
    source.addEventListener("beat", alive);
    source.onerror = () => {
      if (source.readyState === EventSource.CLOSED) clearTimeout(silence);
      onError(source.readyState === EventSource.CLOSED);
    };
  };
  function openAgain(): void {
    silent = true;
    onSilent();
    source.close();
    open();
    wait();
  }
  open();
  return () => {
    clearTimeout(silence);
    source.close();
  };
}

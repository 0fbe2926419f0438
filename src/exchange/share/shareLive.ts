import { t } from "@/language/t";
import { kinds, recordKey, type AnyRecord, type Kind } from "@/records/record";
import type { AttachmentStorage } from "@/storage/attachmentStorage";
import type { Pair, ShareStorage } from "@/storage/shareStorage";
import { attachmentsChanged } from "@/store/keepingSlice";
import { bringTogether } from "@/store/changes";
import { pairChanged, pairKnown } from "@/store/sharingSlice";
import type { AppStore } from "@/store/store";
import { Agreement } from "./agreement";
import { attachmentExchange } from "./attachmentExchange";
import { peerMessageSchema, type PeerMessage } from "./peerMessages";
import { sumInSlices } from "./digest";
import { openRelayLine } from "./relayLine";
import { keyOfText } from "./sealed";

/* Settings are each device's own: its light, its sounds, what stands half typed in its plan. */
const sharedKinds = kinds.filter((kind): kind is Exclude<Kind, "setting"> => kind !== "setting");
/* What lies in the bin for almost as long as it may is not brought to a device that has let go of it. */
const binMs = 29 * 86400e3;
/* When both agree is written down this often. */
const noteEveryMs = 10_000;

/**
 * Shares this logbook with the devices it is paired with for as long as the page is open: opens a line for each
 * pair there is, and closes it when the pair is gone. One tab at a time speaks on a line, where the browser has locks.
 */
export function shareLive(
  store: AppStore,
  storage: ShareStorage,
  attachments: AttachmentStorage,
): void {
  const lines = new Map<string, () => void>();
  const follow = () => {
    const { sharing, keeping } = store.getState();
    const { device } = sharing;
    /* Half a logbook would ask the other device for the half that is still being read. */
    if (!device || keeping.status === "loading" || keeping.later > 0) return;
    for (const pair of sharing.pairs)
      if (!lines.has(pair.line) && pair.status !== "ended")
        lines.set(
          pair.line,
          whileMine(pair.line, {
            begin: () => openPair(store, { storage, attachments }, pair, device.id),
            waits: () => store.dispatch(pairChanged({ line: pair.line, status: "elsewhere" })),
          }),
        );
    for (const [line, close] of lines)
      if (!sharing.pairs.some((pair) => pair.line === line && pair.status !== "ended")) {
        close();
        lines.delete(line);
      }
  };
  store.subscribe(follow);
  follow();
}

/* Does something while this tab is the one that may; a tab that is hidden gives it to one that waits. */
function whileMine(
  line: string,
  { begin, waits }: { begin: () => () => void; waits: () => void },
): () => void {
  if (!("locks" in navigator)) return begin();
  const name = `sereno-share-${line}`;
  let over = false;
  let release: () => void = () => undefined;
  let mine = false;
  const ask = () => {
    void navigator.locks.request(name, async () => {
      if (over) return;
      mine = true;
      const end = begin();
      await new Promise<void>((resolve) => (release = resolve));
      end();
      mine = false;
    });
    void navigator.locks.query().then(() => mine || over || waits());
  };
  const yieldIt = async () => {
    if (!document.hidden || over) return;
    const { pending } = await navigator.locks.query();
    if (!pending?.some((each) => each.name === name)) return;
    release();
    ask();
  };
  const hidden = () => void yieldIt();
  document.addEventListener("visibilitychange", hidden);
  ask();
  return () => {
    over = true;
    document.removeEventListener("visibilitychange", hidden);
    release();
  };
}

function openPair(
  store: AppStore,
  { storage, attachments }: { storage: ShareStorage; attachments: AttachmentStorage },
  pair: Pair,
  device: string,
): () => void {
  const key = keyOfText(pair.key);
  if (!key) return () => undefined;
  const { line: name } = pair;
  const say = (part: Omit<Parameters<typeof pairChanged>[0], "line">) =>
    store.dispatch(pairChanged({ line: name, ...part }));
  let open = false;
  let notedAt = 0;
  let taking = false;

  const send = (message: PeerMessage) => {
    /* What is found out anew with each hello need not wait for a device that is away. */
    if (open) line.send(message, message.kind === "records");
  };
  const agreement = new Agreement({
    name: () => store.getState().sharing.device?.name.trim() || t`Other device`,
    records: () => shared(store),
    record: (recordName) => sharedRecord(store, recordName),
    take: (records) => store.dispatch(bringTogether(records)),
    send,
    agreed() {
      const agreedAt = new Date().toISOString();
      say({ agreedAt });
      if (Date.now() - notedAt < noteEveryMs) return;
      notedAt = Date.now();
      const now = store.getState().sharing.pairs.find(({ line: each }) => each === name);
      if (now) void storage.keep({ ...now, agreedAt }).catch(() => undefined);
    },
    named: (other) => void renamed(store, storage, name, other),
    newer: () => say({ newer: true }),
  });
  /* In the order in which it came, once the whole logbook is summed: that takes a while and holds nothing up. */
  let summed = false;
  let closed = false;
  let turn: Promise<void> = sumInSlices(shared(store)).then(() => void (summed = true));
  const afterSumming = (work: () => void) => {
    turn = turn.then(() => void (closed || work())).catch(() => undefined);
  };
  const pictures = attachmentExchange({
    storage: attachments,
    send,
    changed() {
      /* What came over this line need not be told over it again. */
      taking = true;
      store.dispatch(attachmentsChanged());
      taking = false;
    },
  });
  const line = openRelayLine(key, device, {
    message(value) {
      const read = peerMessageSchema.safeParse(value);
      if (!read.success) return;
      const { data } = read;
      afterSumming(() => agreement.heard(data));
      /* What the store of pictures refuses is asked for again with the next hello. */
      void pictures.heard(data).catch(() => undefined);
    },
    open() {
      open = true;
      say({ status: "away" });
      afterSumming(() => agreement.greet());
    },
    present: (others) => say({ status: others ? "here" : "away" }),
    cut() {
      open = false;
      say({ status: "cut" });
    },
    ended() {
      say({ status: "ended" });
      void storage.drop(name).catch(() => undefined);
    },
  });
  /* Until all is summed nothing need be sent: the greeting that follows tells of it. */
  const unfollow = followChanges(store, (records) => summed && agreement.changed(records));
  const unfollowPictures = followAttachments(
    store,
    () => void (taking || pictures.tell().catch(() => undefined)),
  );
  return () => {
    closed = true;
    unfollow();
    unfollowPictures();
    line.close();
  };
}

/* Tells what has changed in the store since it was last looked at, whoever changed it. */
function followChanges(store: AppStore, tell: (records: AnyRecord[]) => void): () => void {
  const before = new Map<Kind, Record<string, AnyRecord>>();
  const look = (): AnyRecord[] => {
    const state = store.getState();
    return sharedKinds.flatMap((kind) => {
      const now = state[kind].entities as Record<string, AnyRecord>;
      const was = before.get(kind);
      if (was === now) return [];
      before.set(kind, now);
      return was ? Object.values(now).filter((record) => was[record.id] !== record) : [];
    });
  };
  look();
  return store.subscribe(() => {
    const changed = look();
    if (changed.length > 0) tell(changed);
  });
}

function followAttachments(store: AppStore, tell: () => void): () => void {
  let before = store.getState().keeping.attachments;
  return store.subscribe(() => {
    const { attachments } = store.getState().keeping;
    if (attachments !== before) tell();
    before = attachments;
  });
}

function* shared(store: AppStore): Generator<AnyRecord> {
  const state = store.getState();
  for (const kind of sharedKinds)
    for (const record of Object.values(state[kind].entities) as AnyRecord[])
      if (!isLongBinned(record)) yield record;
}

function isLongBinned({ deletedAt }: AnyRecord): boolean {
  return deletedAt !== undefined && Date.now() - Date.parse(deletedAt) > binMs;
}

function sharedRecord(store: AppStore, name: string): AnyRecord | undefined {
  const kind = sharedKinds.find((each) => name.startsWith(`${each}/`));
  if (!kind) return undefined;
  const record = store.getState()[kind].entities[name.slice(kind.length + 1)] as
    | AnyRecord
    | undefined;
  return record && recordKey(record) === name ? record : undefined;
}

async function renamed(
  store: AppStore,
  storage: ShareStorage,
  line: string,
  name: string,
): Promise<void> {
  const pair = store.getState().sharing.pairs.find((each) => each.line === line);
  if (!pair || pair.other.name === name) return;
  const now = { ...pair, other: { ...pair.other, name } };
  store.dispatch(pairKnown(now));
  await storage.keep(now).catch(() => undefined);
}

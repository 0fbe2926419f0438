import type { Picture } from "@/records/attachment";
import { exclusiveAccess } from "@/storage/exclusive";
import { openAttachmentStorage } from "@/storage/attachmentStorage";
import { memoryStorage } from "@/testing/memoryStorage";
import { attachmentExchange } from "./attachmentExchange";
import { peerMessageSchema, type PeerMessage } from "./peerMessages";

let clock = 1000;
beforeEach(() => (clock = 1000));

function device() {
  const outbox: PeerMessage[] = [];
  const storage = openAttachmentStorage(memoryStorage(), exclusiveAccess("test"), () => clock);
  let changes = 0;
  const exchange = attachmentExchange({
    storage,
    send: (message) => outbox.push(peerMessageSchema.parse(message)),
    changed: () => (changes += 1),
  });
  return { storage, exchange, outbox, changes: () => changes };
}
type Device = ReturnType<typeof device>;

async function talk(a: Device, b: Device): Promise<void> {
  await a.exchange.tell();
  await b.exchange.tell();
  for (let messages = 0; a.outbox.length + b.outbox.length > 0; messages += 1) {
    expect(messages).toBeLessThan(50);
    const [from, to] = a.outbox.length > 0 ? [a, b] : [b, a];
    await to.exchange.heard(from.outbox.shift()!);
  }
}
const picture = (id: string): Picture => ({
  id,
  ofId: "run-a",
  at: "2026-06-01T06:00:00.000Z",
  type: "image/jpeg",
  widthPx: 640,
  heightPx: 480,
  data: "QUJD",
});
const ids = async ({ storage }: Device) => (await storage.load()).map(({ id }) => id).sort();

test("each device gets the other's pictures, once", async () => {
  const [a, b] = [device(), device()];
  await a.storage.keep([picture("one"), picture("two")]);
  await b.storage.keep([picture("three")]);
  await talk(a, b);
  for (const each of [a, b]) expect(await ids(each)).toEqual(["one", "three", "two"]);
  const before = b.changes();
  await talk(a, b);
  expect(b.changes()).toBe(before);
});

test("what is removed on one is removed on the other, and what is brought back comes back", async () => {
  const [a, b] = [device(), device()];
  await a.storage.keep([picture("one"), picture("two")]);
  await talk(a, b);
  clock = 2000;
  await b.storage.drop(picture("one"));
  await talk(a, b);
  for (const each of [a, b]) expect(await ids(each)).toEqual(["two"]);
  clock = 3000;
  await a.storage.keep([picture("one")]);
  await talk(a, b);
  for (const each of [a, b]) expect(await ids(each)).toEqual(["one", "two"]);
});

test("removed on one and brought back on the other while they were apart: the later word counts on both", async () => {
  const [a, b] = [device(), device()];
  await a.storage.keep([picture("one")]);
  await talk(a, b);
  clock = 2000;
  await a.storage.drop(picture("one"));
  await talk(a, b);
  clock = 3000;
  await a.storage.keep([picture("one")]);
  clock = 4000;
  await b.storage.keep([picture("one")]);
  clock = 5000;
  await b.storage.drop(picture("one"));
  await talk(a, b);
  for (const each of [a, b]) expect(await ids(each)).toEqual([]);
});

test("a broken picture changes nothing", async () => {
  const a = device();
  await a.exchange.heard({ kind: "attachment", attachment: { id: "x", data: "<svg>" } });
  expect(await ids(a)).toEqual([]);
  expect(a.changes()).toBe(0);
});

import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "./exclusive";
import { openShareStorage, type Pair } from "./shareStorage";

const open = (backend = memoryStorage()) => ({
  backend,
  share: openShareStorage(backend, exclusiveAccess("test")),
});
const pair: Pair = {
  line: "a".repeat(32),
  key: `${"A".repeat(43)}=`,
  other: { id: "kitchen-1", name: "Kitchen" },
  since: "2026-07-01T08:00:00.000Z",
};

test("a device keeps its id, whatever it is called", async () => {
  const { backend, share } = open();
  const { id, name } = await share.device();
  expect(name).toBe("");
  await share.rename("  Shed phone ");
  expect(await open(backend).share.device()).toEqual({ id, name: "Shed phone" });
});

test("pairs are kept until they are dropped; a broken one hides no other", async () => {
  const { backend, share } = open();
  await share.keep(pair);
  await backend.setItem("share/pair/broken", "{");
  expect(await share.pairs()).toEqual([pair]);
  await share.drop(pair.line);
  expect(await share.pairs()).toEqual([]);
});

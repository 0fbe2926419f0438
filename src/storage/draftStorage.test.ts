import { memoryStorage } from "@/testing/memoryStorage";
import { openDraftStorage } from "./draftStorage";

const turn = () => new Promise((resolve) => setImmediate(resolve));

test("what stands in a form is there after a restart, until it is kept or let go", async () => {
  const backend = memoryStorage();
  const drafts = openDraftStorage(backend);
  drafts.put("still/new", { name: "Old p", jar: { text: "1", unit: "L" } });
  await turn();
  backend.texts.set("draft/torn", "{");
  backend.texts.set("draft/huge", JSON.stringify("x".repeat(300_000)));
  expect(await openDraftStorage(backend).load([...backend.texts.keys()])).toEqual({
    "still/new": { name: "Old p", jar: { text: "1", unit: "L" } },
  });
  drafts.put("still/new", undefined);
  await turn();
  expect(await openDraftStorage(backend).load([...backend.texts.keys()])).toEqual({});
});

test("a store that refuses a draft stops nothing", async () => {
  const backend = memoryStorage();
  backend.refuse = "The disk is full.";
  expect(() => openDraftStorage(backend).put("note/a", { text: "b" })).not.toThrow();
  await turn();
});

test("the page is held until the draft is written, also by a store that refuses", async () => {
  for (const refuse of [undefined, "The disk is full."]) {
    const backend = memoryStorage();
    backend.refuse = refuse;
    let held = 0;
    const drafts = openDraftStorage(backend, undefined, () => {
      held += 1;
      return () => (held -= 1);
    });
    drafts.put("note/a", { text: "b" });
    expect(held).toBe(1);
    await turn();
    expect(held).toBe(0);
  }
});

import type { Picture, Recording } from "@/records/attachment";
import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "./exclusive";
import { openAttachmentStorage } from "./attachmentStorage";

const picture = (id: string, part: Partial<Picture> = {}): Picture => ({
  id,
  ofId: "harvest-a",
  at: `2026-06-0${id.length}T06:00:00.000Z`,
  type: "image/jpeg",
  widthPx: 640,
  heightPx: 480,
  data: "QUJD",
  ...part,
});

function open() {
  const backend = memoryStorage();
  return { backend, pictures: openAttachmentStorage(backend, exclusiveAccess("test")) };
}

test("pictures of a harvest come back by their moment, one's own only, and one can be taken away", async () => {
  const { pictures } = open();
  await pictures.keep([picture("bb"), picture("a"), picture("c", { ofId: "harvest-b" })]);
  expect((await pictures.load("harvest-a")).map(({ id }) => id)).toEqual(["a", "bb"]);
  expect(await pictures.load()).toHaveLength(3);
  await pictures.drop(picture("a"));
  expect((await pictures.load("harvest-a")).map(({ id }) => id)).toEqual(["bb"]);
});

test("one that could not be read again is not written, and takes no other with it", async () => {
  const { backend, pictures } = open();
  await expect(pictures.keep([picture("a"), picture("b", { data: "<svg>" })])).rejects.toThrow();
  expect(backend.texts.size).toBe(0);
  await pictures.keep([picture("a")]);
  backend.texts.set("pictures/harvest-a/x", "{ not whole");
  expect(await pictures.load("harvest-a")).toHaveLength(1);
});

test("two hundred are counted and weighed, and read in their order", async () => {
  const { pictures } = open();
  const many = Array.from({ length: 200 }, (_, i) =>
    picture(`p${i}`, { at: new Date(Date.UTC(2026, 5, 1, 6, i)).toISOString() }),
  );
  await pictures.keep(many);
  const size = await pictures.size();
  expect(size.count).toBe(200);
  expect(size.bytes).toBe(many.reduce((sum, each) => sum + JSON.stringify(each).length, 0));
  expect((await pictures.load()).map(({ id }) => id)).toEqual(many.map(({ id }) => id));
});

test("a picture of before other things had any names its harvest, and still opens", async () => {
  const { backend, pictures } = open();
  const { ofId, ...rest } = picture("a");
  backend.texts.set("pictures/harvest-a/a", JSON.stringify({ ...rest, harvestId: ofId }));
  expect(await pictures.load("harvest-a")).toEqual([picture("a")]);
});

test("a spoken note hangs on an entry of a run's log, and comes back as it was recorded", async () => {
  const { pictures } = open();
  const spoken: Recording = {
    id: "r",
    ofId: "run-a",
    entryId: "note-1",
    at: "2026-06-01T06:00:00.000Z",
    type: "audio/webm",
    seconds: 12.5,
    data: "QUJD",
  };
  await pictures.keep([spoken]);
  expect(await pictures.load("run-a")).toEqual([spoken]);
  await expect(pictures.keep([{ ...spoken, seconds: 900 }])).rejects.toThrow();
});

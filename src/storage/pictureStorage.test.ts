import type { Picture } from "@/records/picture";
import { memoryStorage } from "@/testing/memoryStorage";
import { exclusiveAccess } from "./exclusive";
import { openPictureStorage } from "./pictureStorage";

const picture = (id: string, part: Partial<Picture> = {}): Picture => ({
  id,
  harvestId: "harvest-a",
  at: `2026-06-0${id.length}T06:00:00.000Z`,
  type: "image/jpeg",
  widthPx: 640,
  heightPx: 480,
  data: "QUJD",
  ...part,
});

function open() {
  const backend = memoryStorage();
  return { backend, pictures: openPictureStorage(backend, exclusiveAccess("test")) };
}

test("pictures of a harvest come back by their moment, one's own only, and one can be taken away", async () => {
  const { pictures } = open();
  await pictures.keep([picture("bb"), picture("a"), picture("c", { harvestId: "harvest-b" })]);
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

import "fake-indexeddb/auto";
import { exclusiveAccess } from "./exclusive";

const later = () => new Promise((resolve) => setTimeout(resolve, 2));

test("without the browser's locks no change of two tabs gets between another's reading and writing", async () => {
  const tabs = [exclusiveAccess("logbook"), exclusiveAccess("logbook")];
  let stored = 0;
  await Promise.all(
    Array.from({ length: 50 }, (_, i) =>
      tabs[i % 2]!(async () => {
        const read = stored;
        await later();
        stored = read + 1;
      }),
    ),
  );
  expect(stored).toBe(50);
});

test("what a piece of work throws comes out, and the next has its turn", async () => {
  const turn = exclusiveAccess("logbook");
  await expect(turn(() => Promise.reject(new Error("full")))).rejects.toThrow("full");
  await expect(turn(() => Promise.resolve(7))).resolves.toBe(7);
});

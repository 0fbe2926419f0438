import { handOver } from "./download";

const saved: string[] = [];
let shares: File[][] = [];

function device({ coarse, share }: { coarse: boolean; share?: () => Promise<void> }) {
  Object.assign(window, { matchMedia: () => ({ matches: coarse }) });
  Object.assign(navigator, {
    canShare: share ? () => true : undefined,
    share: share
      ? async ({ files }: { files: File[] }) => {
          shares.push(files);
          await share();
        }
      : undefined,
  });
}

beforeEach(() => {
  saved.length = 0;
  shares = [];
  URL.createObjectURL = () => "blob:x";
  URL.revokeObjectURL = () => undefined;
  jest.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    saved.push(this.download);
  });
});
afterEach(() => jest.restoreAllMocks());

const hand = () => handOver("sereno.json", Promise.resolve("{}"), "application/json");

test("a phone sends the file on, a computer saves it", async () => {
  device({ coarse: true, share: async () => undefined });
  await hand();
  expect(shares[0]![0]!.name).toBe("sereno.json");
  expect(saved).toEqual([]);
  device({ coarse: false, share: async () => undefined });
  await hand();
  expect(saved).toEqual(["sereno.json"]);
});

test("a device's sheet that is closed is an answer; one that fails loses no file", async () => {
  const fail = (name: string) => () => Promise.reject(Object.assign(new Error(name), { name }));
  device({ coarse: true, share: fail("AbortError") });
  await hand();
  expect(saved).toEqual([]);
  device({ coarse: true, share: fail("NotAllowedError") });
  await hand();
  expect(saved).toEqual(["sereno.json"]);
});

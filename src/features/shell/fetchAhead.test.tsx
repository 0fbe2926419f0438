import { fetchAhead } from "./fetchAhead";

beforeEach(() => {
  jest.useFakeTimers();
  document.body.innerHTML = "<h1>Today</h1>";
});
afterEach(() => jest.useRealTimers());

test("one part after another is fetched; one that does not come keeps none waiting", async () => {
  const asked: string[] = [];
  fetchAhead([
    () => Promise.resolve(asked.push("plan")),
    () => Promise.reject(new Error("no network", { cause: asked.push("runs") })),
    () => Promise.resolve(asked.push("shelf")),
  ]);
  expect(asked).toEqual([]);
  await jest.advanceTimersByTimeAsync(200);
  expect(asked).toEqual(["plan"]);
  await jest.advanceTimersByTimeAsync(1000);
  expect(asked).toEqual(["plan", "runs", "shelf"]);
});

test("nothing is fetched ahead before the first page stands", async () => {
  document.body.innerHTML = "";
  const asked: string[] = [];
  fetchAhead([() => Promise.resolve(asked.push("plan"))]);
  await jest.advanceTimersByTimeAsync(1000);
  expect(asked).toEqual([]);
  document.body.innerHTML = "<h1>Today</h1>";
  await jest.advanceTimersByTimeAsync(200);
  expect(asked).toEqual(["plan"]);
});

test("without a network nothing is fetched ahead", async () => {
  const onLine = jest.spyOn(navigator, "onLine", "get").mockReturnValue(false);
  const asked: string[] = [];
  fetchAhead([() => Promise.resolve(asked.push("plan"))]);
  await jest.advanceTimersByTimeAsync(1000);
  expect(asked).toEqual([]);
  onLine.mockRestore();
});

test("nothing more is fetched once it is ended", async () => {
  const asked: string[] = [];
  const end = fetchAhead([
    () => Promise.resolve(asked.push("plan")),
    () => Promise.resolve(asked.push("runs")),
  ]);
  await jest.advanceTimersByTimeAsync(200);
  end();
  await jest.advanceTimersByTimeAsync(1000);
  expect(asked).toEqual(["plan"]);
});

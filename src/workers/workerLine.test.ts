import { workerLine } from "./workerLine";

/** A worker that never loads: it answers nothing and tells the page of its error. */
function lostWorker() {
  const target = new EventTarget();
  const worker = Object.assign(target, {
    postMessage: jest.fn(),
    terminate: jest.fn(),
    onmessage: null,
    onmessageerror: null,
    onerror: null,
  }) as unknown as Worker;
  const fail = (message: string) =>
    target.dispatchEvent(Object.assign(new Event("error"), { message }));
  return { worker, fail };
}

test("a question to a worker that does not load is rejected, not left waiting", async () => {
  const { worker, fail } = lostWorker();
  const onGone = jest.fn();
  const line = workerLine<{ add(): number }>(worker, onGone);
  const asked = line.answered(line.remote.add());
  fail("no such file");
  await expect(asked).rejects.toThrow("no such file");
  expect(onGone).toHaveBeenCalledTimes(1);
  expect(worker.terminate).toHaveBeenCalled();
});

test("so is one that is asked after it has died", async () => {
  const { worker, fail } = lostWorker();
  const line = workerLine<{ add(): number }>(worker);
  fail("");
  await expect(line.answered(line.remote.add())).rejects.toThrow(/is gone/);
});

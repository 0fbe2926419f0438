import { holdLeaving } from "./holdLeaving";

const mayBeLeft = () => window.dispatchEvent(new Event("beforeunload", { cancelable: true }));

test("the page is held until the last of what is on its way has arrived, each counted once", () => {
  expect(mayBeLeft()).toBe(true);
  const first = holdLeaving();
  const second = holdLeaving();
  expect(mayBeLeft()).toBe(false);
  first();
  first();
  expect(mayBeLeft()).toBe(false);
  second();
  expect(mayBeLeft()).toBe(true);
});

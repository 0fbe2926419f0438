import type { Server } from "node:http";
import { createApp } from "./app";
import { listen } from "./listen";
import { openSimulations } from "./simulations";

const open: Server[] = [];
afterAll(() => open.forEach((server) => server.close()));

const simulation = {
  request: {
    method: "steam",
    material: { plantId: "lavender" },
    massG: 600,
    still: { heat: { powerW: 2500, kind: "gas" } },
    waterMl: 3000,
    stop: { perKg: 1 },
  },
  seed: 3,
  speed: 120,
  litAt: "2026-07-18T08:00:00Z",
  minutesSoFar: 30,
};

async function serve() {
  const simulations = openSimulations();
  const { server, port } = await listen(createApp("dist", simulations), "127.0.0.1", 42300);
  open.push(server);
  const at = (path: string) => `http://127.0.0.1:${port}/instruments${path}`;
  const post = (path: string, body: unknown) =>
    fetch(at(path), {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(body),
    });
  return { simulations, at, post };
}

/** Reads a stream until it has so many events. */
async function events(address: string, count: number, last?: number) {
  const stop = new AbortController();
  const response = await fetch(address, {
    signal: stop.signal,
    headers: last === undefined ? {} : { "Last-Event-ID": String(last) },
  });
  const reader = response.body!.getReader();
  let text = "";
  const found = () => [...text.matchAll(/id: (\d+)\ndata: (.*)\n\n/g)];
  while (found().length < count) {
    const { value, done } = await reader.read();
    if (done) break;
    text += new TextDecoder().decode(value);
  }
  stop.abort();
  return found().map(([, id, data]) => ({
    id: Number(id),
    data: JSON.parse(data!) as Record<string, unknown>,
  }));
}

test("a simulated still sends samples; after a lost line the missed ones come first", async () => {
  const { simulations, at, post } = await serve();
  const { id } = (await (await post("", simulation)).json()) as { id: string };
  const first = await events(at(`/${id}/stream`), 8);
  expect(first[0]!.data).toMatchObject({ channel: expect.any(String), unit: expect.any(String) });
  const last = first[3]!.id;
  const again = await events(at(`/${id}/stream`), 8, last);
  expect(again[0]!.id).toBe(last + 1);
  expect((await post(`/${id}`, { faults: ["leak"], powerW: 1200 })).status).toBe(200);
  expect(await (await fetch(at(`/${id}`))).json()).toEqual({ faults: ["leak"], powerW: 1200 });
  expect((await post(`/${id}`, { powerW: -1 })).status).toBe(400);
  expect((await fetch(at(`/${id}`), { method: "DELETE" })).status).toBe(204);
  expect((await fetch(at(`/${id}/stream`))).status).toBe(404);
  simulations.stopAll();
});

test("what does not validate is refused by name", async () => {
  const { post } = await serve();
  const refused = await post("", {
    ...simulation,
    speed: 9000,
    request: { ...simulation.request, massG: -1 },
  });
  expect(refused.status).toBe(400);
  expect(((await refused.json()) as { problem: string }).problem).toMatch(/massG|request/);
  expect((await post("/nobody", { faults: [] })).status).toBe(404);
});

test("joined in mid-run, the still has been heated as it was, not as it stands now", async () => {
  const simulations = openSimulations();
  const joined = async (heat: { minutes: number; powerW: number }[]) => {
    const started = simulations.start({ ...simulation, minutesSoFar: 60, heat } as never);
    while (started.samples.length === 0) await new Promise((resolve) => setTimeout(resolve, 20));
    return started;
  };
  const turnedDown = await joined([{ minutes: 58, powerW: 900 }]);
  const steady = await joined([]);
  const gentle = await joined([{ minutes: 0, powerW: 900 }]);
  expect(turnedDown.powerW).toBe(900);
  expect(turnedDown.still.firstDropAt).toBe(steady.still.firstDropAt);
  expect(turnedDown.still.firstDropAt).toBeLessThan(58);
  expect(gentle.still.boilingAt).not.toBe(turnedDown.still.boilingAt);
  simulations.stopAll();
});

test("a client with too many ends its own that nobody listens to; nothing that is listened to, and nobody else's, is ended", () => {
  const simulations = openSimulations();
  const start = (client: string) => simulations.start(simulation as never, client);
  const others = start("other");
  const own = Array.from({ length: 12 }, () => start("me"));
  own[0]!.listeners.add(() => undefined);
  start("me");
  expect(own.flatMap(({ id }, i) => (simulations.get(id) ? [] : [i]))).toEqual([1]);
  for (const { listeners } of own) listeners.add(() => undefined);
  const last = start("me");
  last.listeners.add(() => undefined);
  expect(() => start("me")).toThrow("Too many simulated stills");
  for (let i = 0; i < 60; i += 1)
    try {
      start(`guest ${i}`).listeners.add(() => undefined);
    } catch {
      break;
    }
  expect(() => start("late")).toThrow("Too many simulated stills");
  expect(simulations.get(others.id)).toBeDefined();
  expect(simulations.get(own[0]!.id)).toBeDefined();
  simulations.stopAll();
});

test("while day-long runs are caught up with, others are answered; an ended stream ends", async () => {
  const { simulations, post, at } = await serve();
  const starts = await Promise.all(
    Array.from({ length: 4 }, () => post("", { ...simulation, minutesSoFar: 1440 })),
  );
  const ids = await Promise.all(
    starts.map(async (answer) => ((await answer.json()) as { id: string }).id),
  );
  expect((await fetch(at("").replace("/instruments", "/healthz"))).status).toBe(200);
  expect(ids.map((id) => simulations.get(id)?.samples)).toEqual([[], [], [], []]);
  const stream = await fetch(at(`/${ids[0]}/stream`));
  simulations.stopAll();
  expect(await stream.text()).toBe("retry: 1000\n\n");
});

test.each([
  ["plant", { plantId: "moonwort" }],
  ["state", { plantId: "lavender", state: "dried", x: undefined }],
  [
    "compound",
    {
      oilMlPerKg: { low: 8, high: 8 },
      composition: { moonstone: 1 },
      freeShare: 0.5,
      releasePerMinute: 0.02,
      moisture: 0.7,
    },
  ],
])("an unknown %s is refused, and the server goes on", async (_what, material) => {
  const { simulations, post, at } = await serve();
  const request = { ...simulation.request, material };
  const answer = await post("", { ...simulation, request });
  if (answer.status === 201) return simulations.stopAll();
  expect(answer.status).toBe(400);
  /* Longer than a tick: what was refused must not go on in the background. */
  await new Promise((resolve) => setTimeout(resolve, 250));
  expect((await fetch(at("/nobody"))).status).toBe(404);
  simulations.stopAll();
});

test("a simulated still runs dry, and drips again once it is given water", () => {
  const simulations = openSimulations();
  const { still } = simulations.start({ ...simulation, minutesSoFar: 1 } as never);
  const heated = { powerW: 2500, faults: new Set<never>() };
  const distillate = () =>
    Math.max(...still.read().map(({ channel, value }) => (channel === "distillate" ? value : 0)));
  for (let minute = 0; minute < 900; minute += 1) still.advance(1, heated);
  expect(distillate()).toBeLessThan(3050);
  const dry = distillate();
  still.addWater(500);
  for (let minute = 0; minute < 60; minute += 1) still.advance(1, heated);
  expect(distillate()).toBeGreaterThan(dry + 400);
  simulations.stopAll();
});

import express from "express";
import { mkdtempSync, writeFileSync } from "node:fs";
import http from "node:http";
import { hostname, tmpdir } from "node:os";
import path from "node:path";
import type { Server } from "node:http";
import { createApp } from "./app";
import { listen } from "./listen";

const open: Server[] = [];
afterAll(() => open.forEach((server) => server.close()));

async function serve() {
  const folder = mkdtempSync(path.join(tmpdir(), "sereno-"));
  writeFileSync(path.join(folder, "index.html"), "<title>Sereno</title>");
  writeFileSync(path.join(folder, `entry-${"a".repeat(32)}.js`), "1");
  const { server, port } = await listen(createApp(folder), "127.0.0.1", 42100);
  open.push(server);
  return (address: string, init?: RequestInit) => fetch(`http://127.0.0.1:${port}${address}`, init);
}

test("screens get the app, files their own answer, and nothing else is let in", async () => {
  const get = await serve();
  const screen = await get("/runs/some-id");
  expect(await screen.text()).toContain("Sereno");
  expect(screen.headers.get("content-security-policy")).toContain("default-src 'self'");
  expect(screen.headers.get("cache-control")).toBe("no-cache");
  expect((await get(`/entry-${"a".repeat(32)}.js`)).headers.get("cache-control")).toContain(
    "immutable",
  );
  expect((await get("/missing.js")).status).toBe(404);
  expect((await get("/..%2f..%2fetc/passwd.txt")).status).toBe(404);
  expect(await (await get("/healthz")).json()).toEqual({ ok: true });
});

test("what cannot be read is refused in a line of JSON; HEAD answers as GET does", async () => {
  const get = await serve();
  const post = (body: string) =>
    get("/instruments", { method: "POST", headers: { "Content-Type": "application/json" }, body });
  for (const answer of [await post("{ torn"), await get("/%E0%A4%A")]) {
    expect(answer.status).toBe(400);
    expect(await answer.json()).toEqual({ problem: expect.stringMatching(/cannot be read/) });
  }
  for (const address of ["/", "/runs/some-id", "/healthz", "/missing.js"])
    expect((await get(address, { method: "HEAD" })).status).toBe((await get(address)).status);
});

test("only known names are served, and a foreign page sends nothing", async () => {
  const folder = mkdtempSync(path.join(tmpdir(), "sereno-"));
  writeFileSync(path.join(folder, "index.html"), "<title>Sereno</title>");
  const { server, port } = await listen(createApp(folder), "127.0.0.1", 42150);
  open.push(server);
  const ask = (headers: Record<string, string>, method = "GET") =>
    new Promise<number | undefined>((resolve, reject) => {
      const request = http.request(
        { host: "127.0.0.1", port, path: "/healthz", method, headers },
        (answer) => resolve(answer.resume().statusCode),
      );
      request.on("error", reject).end();
    });
  for (const host of [`localhost:${port}`, "192.168.1.20:4000", "[::1]:4000", hostname()])
    expect(await ask({ host })).toBe(200);
  for (const host of ["turned.example", "localhost.turned.example", "a b"])
    expect(await ask({ host })).not.toBe(200);
  const host = `localhost:${port}`;
  expect(await ask({ host, origin: "http://elsewhere.example" }, "POST")).toBe(403);
  expect(await ask({ host, origin: "null" }, "POST")).toBe(403);
  expect(await ask({ host, origin: `http://${host}` }, "POST")).not.toBe(403);
});

test("a record's name may have a dot, and its address is a screen", async () => {
  const get = await serve();
  expect(await (await get("/runs/run.1")).text()).toContain("Sereno");
});

test("an occupied port is passed over", async () => {
  const first = await listen(express(), "127.0.0.1", 42200);
  const second = await listen(express(), "127.0.0.1", 42200);
  open.push(first.server, second.server);
  expect(second.port).toBeGreaterThan(first.port);
});

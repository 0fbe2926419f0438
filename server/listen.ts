import type { Express } from "express";
import type { Server } from "node:http";
import type { AddressInfo } from "node:net";

export interface Listening {
  server: Server;
  port: number;
}

/** Listens on a port, or on the next free one after it. */
export async function listen(
  app: Express,
  host: string,
  firstPort: number,
  tries = 20,
): Promise<Listening> {
  for (let port = firstPort; port < firstPort + tries; port += 1) {
    const server = await attempt(app, host, port);
    if (server) return { server, port: (server.address() as AddressInfo).port };
  }
  throw new Error(
    `ports ${firstPort} to ${firstPort + tries - 1} are all in use: free one, or set PORT`,
  );
}

function attempt(app: Express, host: string, port: number): Promise<Server | undefined> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, host);
    server.once("listening", () => resolve(server));
    server.once("error", (error: NodeJS.ErrnoException) => {
      if (error.code === "EADDRINUSE") resolve(undefined);
      else reject(error);
    });
  });
}

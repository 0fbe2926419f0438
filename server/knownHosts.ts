import type { RequestHandler } from "express";
import { isIP } from "node:net";
import { hostname } from "node:os";

/**
 * Serves this machine under its own names alone: `localhost`, any address of figures, the machine's own name, and what
 * `ALLOWED_HOSTS` names, separated by commas. A page elsewhere whose name was turned to point here (so that the
 * browser takes both for one) is refused, as is what a foreign page would send.
 */
export function knownHosts(allowed: string = process.env.ALLOWED_HOSTS ?? ""): RequestHandler {
  const own = hostname().toLowerCase();
  const names = new Set([
    "localhost",
    own,
    `${own}.local`,
    ...allowed.split(",").map((name) => name.trim().toLowerCase()),
  ]);
  return (request, response, next) => {
    const host = request.headers.host ?? "";
    if (!isKnown(host, names)) {
      response
        .status(421)
        .json({ problem: "Sereno is not served under this name. Name it in ALLOWED_HOSTS." });
      return;
    }
    const { origin } = request.headers;
    const sends = request.method !== "GET" && request.method !== "HEAD";
    if (sends && origin !== undefined && hostOf(origin) !== host.toLowerCase()) {
      response.status(403).json({ problem: "A page from elsewhere may not send anything here." });
      return;
    }
    next();
  };
}

/* A figure cannot be turned to point elsewhere: only names are dangerous. */
function isKnown(host: string, names: ReadonlySet<string>): boolean {
  const name = nameOf(host);
  return name !== "" && (names.has(name) || isIP(name.replace(/^\[|\]$/g, "")) !== 0);
}

/** A host without its port, in small letters; empty where it is none. */
function nameOf(host: string): string {
  return URL.canParse(`http://${host}/`) ? new URL(`http://${host}/`).hostname : "";
}

function hostOf(origin: string): string | undefined {
  return URL.canParse(origin) ? new URL(origin).host : undefined;
}

import compression from "compression";
import express, { type ErrorRequestHandler, type Express } from "express";
import compressedStatic from "express-static-gzip";
import helmet from "helmet";
import path from "node:path";
import { instruments } from "./instruments";
import { knownHosts } from "./knownHosts";
import { Relay } from "./relay";
import { relayRoutes } from "./relayRoutes";
import { openSimulations } from "./simulations";

/* What names a file of the app; a record's own name may have dots too. */
const fileName = /\.(js|css|map|json|html|txt|svg|png|ico|ttf|woff2?|webmanifest|br|gz)$/i;
/* Names with a content hash never change what they hold. */
const hashed = /[-.][0-9a-f]{32}\.\w+(\.br|\.gz)?$/;

/** Serves the built app from a folder. Keeps no user data but sealed messages on their way, in memory. */
export function createApp(
  folder: string,
  simulations = openSimulations(),
  relay = new Relay(),
): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(knownHosts());
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'", "blob:"],
          /* The interface writes its style sheet at run time. */
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", "data:", "blob:"],
          mediaSrc: ["'self'", "data:", "blob:"],
          connectSrc: ["'self'"],
          fontSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'none'"],
          formAction: ["'none'"],
          frameAncestors: ["'none'"],
        },
      },
      /* Plain http on the local network is the usual way in: do not force https. */
      strictTransportSecurity: false,
      crossOriginEmbedderPolicy: false,
    }),
  );
  app.use((request, _response, next) => {
    decodeURIComponent(request.path);
    next();
  });
  /* An event that waits in a compressor's buffer is late. */
  app.use("/instruments", instruments(simulations));
  app.use("/relay", relayRoutes(relay));
  app.use(compression());
  app.get("/healthz", (_request, response) => {
    response.json({ ok: true });
  });
  app.use(
    compressedStatic(folder, {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      index: false,
      serveStatic: {
        setHeaders(response, file) {
          response.setHeader(
            "Cache-Control",
            hashed.test(file) ? "public, max-age=31536000, immutable" : "no-cache",
          );
        },
      },
    }),
  );
  /* Every other address is a screen of the app, unless it names a file. */
  app.use((request, response) => {
    const reads = request.method === "GET" || request.method === "HEAD";
    if (!reads || fileName.test(request.path)) {
      response.status(404).type("text/plain").send("Not here.\n");
      return;
    }
    response.setHeader("Cache-Control", "no-cache");
    response.sendFile("index.html", { root: path.resolve(folder) });
  });
  app.use(refused);
  return app;
}

/** What cannot be read is refused in a line, as the instruments refuse; nothing of this machine is told. */
const refused: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) return next(error);
  const status = statusOf(error);
  response.status(status).json({
    problem:
      status < 500
        ? "This request cannot be read: mend it and send it again."
        : "This failed here.",
  });
};

function statusOf(error: unknown): number {
  const status = (error as { status?: unknown } | null)?.status;
  if (error instanceof URIError) return 400;
  return typeof status === "number" && status >= 400 && status < 500 ? status : 500;
}

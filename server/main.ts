import { createApp } from "./app";
import { listen } from "./listen";

/* 127.0.0.1 unless told otherwise: HOST=0.0.0.0 lets a phone on the same network in. */
const host = process.env.HOST ?? "127.0.0.1";
const wanted = Number(process.env.PORT ?? 4173);

listen(createApp("dist"), host, wanted)
  .then(({ port }) => {
    const name = host === "0.0.0.0" ? "localhost" : host;
    if (port !== wanted) console.log(`Port ${wanted} is in use; taking ${port}.`);
    console.log(
      `Sereno is served at http://${name}:${port}/${process.env.LOGBOOK === "demo" ? "?logbook=demo" : ""}`,
    );
  })
  .catch((error: Error) => {
    console.error(`Sereno cannot be served: ${error.message}.`);
    process.exit(1);
  });

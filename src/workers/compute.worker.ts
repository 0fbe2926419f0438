import { expose } from "comlink";
import { dayWork } from "./dayWork";
import { fitWork } from "./fitWork";
import { forecastWork } from "./forecastWork";
import { watchWork } from "./watchWork";

/** Everything that takes long, in one file: a browser fetches and keeps it once, however many threads run it. */
const computeWorker = { ...dayWork, ...fitWork, ...forecastWork, ...watchWork };
export type ComputeWorker = typeof computeWorker;

expose(computeWorker);

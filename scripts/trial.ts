/* Judges a trial: its pairs or groups as JSON on standard input, the answer on standard output. */
import { judgeTrial } from "../src/core/learn/trial";
import { trialRequestSchema } from "../src/messages/trialRequest";
import { answer } from "./lib/answer";

answer(trialRequestSchema, judgeTrial);

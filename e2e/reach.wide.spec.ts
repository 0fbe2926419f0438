import { everythingCanBePressed } from "./reach";
import { visit } from "./steps";

everythingCanBePressed(visit);

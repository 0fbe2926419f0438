import { everythingCanBePressed } from "./reach";

everythingCanBePressed();

import { everythingCanBePressed } from "./reach";
import { goTo } from "./steps";

/* Each address is typed in: here every page is begun by itself. */
everythingCanBePressed(goTo);

/* Where the app starts: what the bundler's loader stands on, the app's own loader, then the router. */
import "expo";
import "@/loader";
import "expo-router/entry";

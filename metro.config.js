const { availableParallelism } = require("node:os");
const path = require("node:path");
const { getDefaultConfig } = require("expo/metro-config");
const { withNativeWind } = require("nativewind/metro");
const { withSharedLater } = require("./scripts/bundle/sharedLater");

const config = withNativeWind(getDefaultConfig(__dirname), { input: "./src/ui/theme/global.css" });

/*
 * Parts of packages that no screen of Sereno's uses, and that would be sent before the first one: the
 * validator's messages in some fifty languages and its way to and from JSON Schema, which only a script
 * takes, and its compiler of schemas; the router's tab bars, native stacks and their headers; lists and touchables of React Native
 * that have better ones beside them.
 */
const leftOut = [
  [
    /[\\/]zod[\\/]/,
    /\/(locales\/index|from-json-schema|to-json-schema|json-schema-processors|json-schema-generator|compile)\.js$/,
  ],
  [
    /[\\/]expo-router[\\/]/,
    /\/(layouts\/Tabs|layouts\/Stack|stack-utils|layouts\/experimental-stack|stack-utils\/toolbar\/StackToolbar|views\/NativeStackView|native-tabs\/NativeTabTrigger|react-navigation\/bottom-tabs|Header\/Header|Header\/HeaderSearchBar|elements\/?|PlatformPressable|Badge|Background|views\/Sitemap|views\/Toast)$/,
  ],
  [
    /[\\/]react-native-web[\\/]dist[\\/]index\.js$/,
    /^\.\/exports\/(CheckBox|FlatList|ImageBackground|ProgressBar|RefreshControl|SectionList|Switch|VirtualizedList|YellowBox|Button|Modal|TouchableHighlight|TouchableNativeFeedback|Animated|PanResponder)$/,
  ],
  [
    /[\\/]react-native-web[\\/]dist[\\/]vendor[\\/]react-native[\\/]Animated[\\/]/,
    /\/components\/Animated(FlatList|SectionList)$/,
  ],
  [
    /[\\/]react-native-svg[\\/]lib[\\/]module[\\/]lib[\\/]extract[\\/]extractTransform\.js$/,
    /^\.\/transform(ToRn)?$/,
  ],
];
/* What the router calls at its start though no screen of Sereno's needs it. */
const standIns = [
  [/^react-native-screens$/, "./scripts/shims/nativeScreens.js"],
  [/[\\/]react-helmet-async[\\/]lib$/, "./scripts/shims/noHelmet.js"],
  [/[\\/]native-stack[\\/]createNativeStackNavigator$/, "./scripts/shims/nativeStack.js"],
];
const before = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const isLeftOut = leftOut.some(
    ([from, what]) => from.test(context.originModulePath) && what.test(name),
  );
  if (isLeftOut) return { type: "empty" };
  const stand = platform === "web" ? standIns.find(([what]) => what.test(name)) : undefined;
  if (stand) return { type: "sourceFile", filePath: require.resolve(stand[1]) };
  const resolve = before ?? context.resolveRequest;
  return resolve(context, name, platform);
};

/* Left alone the bundler uses half of the processors: one of two. Each worker takes memory too. */
config.maxWorkers = Math.max(config.maxWorkers, Math.min(4, availableParallelism()));
config.transformer.minifierPath = require.resolve("./scripts/bundle/minify");
config.transformer.minifierConfig = {
  module: false,
  compress: { reduce_funcs: false },
  mangle: { toplevel: false },
  format: { asciiOnly: true, comments: false },
  modulesAtOnce: true,
};

config.serializer.customSerializer = withSharedLater(
  config.serializer.customSerializer,
  ["_layout.tsx", "index.tsx"].map((page) => path.join(__dirname, "src", "app", page)),
);

module.exports = config;

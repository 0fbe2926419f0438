const { getDefaultConfig } = require("expo/metro-config");
const { withNativeWind } = require("nativewind/metro");

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
    /\/(layouts\/Tabs|layouts\/experimental-stack|stack-utils\/toolbar\/StackToolbar|views\/NativeStackView|native-tabs\/NativeTabTrigger|react-navigation\/bottom-tabs|Header\/Header|Header\/HeaderSearchBar|elements\/?|PlatformPressable|Badge|Background|views\/Sitemap|views\/Toast)$/,
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
const before = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const isLeftOut = leftOut.some(
    ([from, what]) => from.test(context.originModulePath) && what.test(name),
  );
  if (isLeftOut) return { type: "empty" };
  if (platform === "web" && name === "react-native-screens")
    return { type: "sourceFile", filePath: require.resolve("./scripts/shims/nativeScreens.js") };
  const resolve = before ?? context.resolveRequest;
  return resolve(context, name, platform);
};

module.exports = config;

const { getDefaultConfig } = require("expo/metro-config");
const { withNativeWind } = require("nativewind/metro");

const config = withNativeWind(getDefaultConfig(__dirname), { input: "./src/ui/theme/global.css" });

/*
 * Parts of the validator that no screen uses: its messages in some fifty languages, and the way to and
 * from JSON Schema, which only a script takes.
 */
const leftOut =
  /\/(locales\/index|from-json-schema|to-json-schema|json-schema-processors|json-schema-generator)\.js$/;
const before = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  if (leftOut.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath))
    return { type: "empty" };
  return (before ?? context.resolveRequest)(context, name, platform);
};

module.exports = config;

/*
 * The bundler's own minifier (terser) took the larger half of a cold build. This one is compiled, writes
 * files as small, and takes the options of metro.config.js, which the bundler's cache goes by. It writes no
 * source map: the app is built without them.
 */
const { minify } = require("@swc/core");

module.exports = async ({ code, reserved, config }) => {
  const mangle = { ...config.mangle, reserved };
  const made = await minify(code, { ...config, mangle, sourceMap: false });
  return { code: made.code };
};

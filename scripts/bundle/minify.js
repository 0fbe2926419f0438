/*
 * The bundler's own minifier (terser) took the larger half of a cold build. This one is compiled, writes
 * files as small, and takes the same options. It writes no source map: the app is built without them.
 */
const { minify } = require("@swc/core");

module.exports = async ({ code, reserved }) => {
  const made = await minify(code, {
    module: false,
    compress: { reduce_funcs: false },
    mangle: { toplevel: false, reserved },
    format: { asciiOnly: true, comments: false },
    sourceMap: false,
  });
  return { code: made.code };
};

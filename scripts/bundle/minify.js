/*
 * The bundler's own minifier (terser) took the larger half of a cold build. This one is compiled, writes
 * files as small, and takes the options of metro.config.js, which the bundler's cache goes by. It writes no
 * source map: the app is built without them.
 *
 * A module's function is put in brackets: every module of a file is begun when the file comes, and engines
 * compile a function in brackets with its file, away from the page, rather than skip it and read it anew.
 */
const { minify } = require("@swc/core");

const aModule = /^__d\((function\([\s\S]*\})\);?$/;

module.exports = async ({ code, reserved, config: { modulesAtOnce, ...config } }) => {
  const mangle = { ...config.mangle, reserved };
  const made = await minify(code, { ...config, mangle, sourceMap: false });
  return { code: modulesAtOnce ? made.code.replace(aModule, "__d(($1));") : made.code };
};

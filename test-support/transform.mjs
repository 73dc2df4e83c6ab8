// Compiles TypeScript for the tests, and lets the models run at their own speed there.
import swc from "@swc/jest";

const base = swc.createTransformer({
  jsc: {
    target: "es2022",
    parser: { syntax: "typescript", tsx: true },
    transform: { react: { runtime: "automatic" } },
  },
  module: { type: "es6" },
});

/**
 * In the test runner's sandbox every mention of a global is looked up through an interceptor: loops over `Math` run ten times slower
 * than outside. Named once at the head of a module, on its first line so that line numbers stay, they are ordinary constants.
 */
const NAMES = [
  "Math",
  "Number",
  "Float32Array",
  "Float64Array",
  "Uint8Array",
  "Map",
  "Set",
  "Array",
  "Object",
  "Infinity",
  "NaN",
];
const HEAD = `const ${NAMES.map((name) => `${name} = globalThis.${name}`).join(", ")};`;
const withHead = (out) => (typeof out === "string" ? HEAD + out : { ...out, code: HEAD + out.code });

const transformer = {
  ...base,
  process: (...args) => withHead(base.process(...args)),
  processAsync: async (...args) => withHead(await base.processAsync(...args)),
  getCacheKey: (...args) => `${base.getCacheKey(...args)}-globals-1`,
};

export default transformer;

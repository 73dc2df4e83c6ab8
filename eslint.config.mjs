import { defineConfig, globalIgnores } from "eslint/config";
import next from "eslint-config-next/core-web-vitals";
import nextTs from "eslint-config-next/typescript";
import tseslint from "typescript-eslint";

/** What only the model may compose: everybody else opens the door of model/index. */
const PRIVATE_TO_THE_MODEL = [
  ["@/core/climate/index", ["buildSite"]],
  ["@/core/place/index", ["siteAtPlace"]],
  ["@/core/species/index", ["profileOf", "onStock"]],
].map(([name, importNames]) => ({
  name,
  importNames,
  message: "The model answers for a tree, a kind and a site: openYard and kindOf of @/model/index.",
}));

/** Marks and keys that are no words: they may stand between the words of a page. */
const MARKS = [
  ...[":", "·", ".", ",", "±", "°", "“", "”", "→", "(", ")", "…", "✕", "×", "%", "?", "/", "✓", "–", ";", "☐"],
  ...["”:", "),", "):", "°,", "° ·", ") ·", "[", "]", "t", "l"],
];

export default defineConfig([
  globalIgnores([".next/**", ".aurelian/**", "dist/**", "next-env.d.ts", "test-results/**"]),
  ...next,
  ...nextTs,
  {
    files: ["**/*.{ts,tsx}"],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      "@typescript-eslint/no-misused-promises": ["error", { checksVoidReturn: { attributes: false } }],
      "@typescript-eslint/restrict-template-expressions": "off",
      "@typescript-eslint/no-unused-vars": ["error", { argsIgnorePattern: "^_", varsIgnorePattern: "^_" }],
    },
  },
  {
    // Every word on a page stands in words/, where one person can change them all.
    files: ["{app,features,ui}/**/*.tsx"],
    ignores: ["**/*.test.tsx"],
    rules: {
      "react/jsx-no-literals": ["error", { allowedStrings: MARKS }],
      // A view that is longer is several views.
      "max-lines-per-function": ["error", 120],
    },
  },
  {
    files: ["{app,calc,demo,features,scripts,server,workers}/**/*.{ts,tsx}"],
    ignores: ["**/*.test.{ts,tsx}"],
    rules: { "no-restricted-imports": ["error", { paths: PRIVATE_TO_THE_MODEL }] },
  },
]);

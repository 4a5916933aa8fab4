// What the linter asks of the interface's scripts.
import js from "@eslint/js";
import globals from "globals";

export default [
  js.configs.recommended,
  {
    files: ["src/**/*.js", "static/theme.js"],
    languageOptions: { ecmaVersion: 2023, sourceType: "module", globals: { ...globals.browser, ...globals.worker } },
    rules: {
      eqeqeq: ["error", "always", { null: "ignore" }],
      "max-len": ["error", { code: 140, ignorePattern: "^\\s*/?\\*\\*? " }],
      "max-lines": ["error", 480],
      "max-lines-per-function": ["error", 80],
      "max-statements-per-line": ["error", { max: 1 }],
      "no-var": "error",
      "one-var": ["error", "never"],
      "prefer-const": "error",
    },
  },
];

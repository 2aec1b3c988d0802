import jsxA11y from "eslint-plugin-jsx-a11y";
import reactHooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";

export default tseslint.config(
  { ignores: ["resources/js/api/generated/**", "public/**", "vendor/**"] },
  ...tseslint.configs.strictTypeChecked,
  {
    files: ["**/*.{ts,tsx}"],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { "@typescript-eslint/restrict-template-expressions": ["error", { allowNumber: true }] },
  },
  {
    files: ["resources/js/**/*.tsx"],
    ...jsxA11y.flatConfigs.recommended,
  },
  { files: ["resources/js/**/*.{ts,tsx}"], ...reactHooks.configs.flat["recommended-latest"] },
  { files: ["**/*.mjs"], ...tseslint.configs.disableTypeChecked },
);

import prettier from "eslint-config-prettier";
import vue from "eslint-plugin-vue";
import { defineConfigWithVueTs, vueTsConfigs } from "@vue/eslint-config-typescript";

export default defineConfigWithVueTs(
  { ignores: ["dist/**", "src/generated/**"] },
  vue.configs["flat/recommended"],
  vueTsConfigs.recommended,
  prettier,
  {
    rules: {
      "max-lines": ["error", 250],
      complexity: ["error", 12],
      "vue/multi-word-component-names": "off",
    },
  },
);

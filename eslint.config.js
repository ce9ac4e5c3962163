import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['vendor/', 'public/', 'storage/', 'resources/viewer/dist/', 'components.d.ts', 'resources/studio/api/contract.ts', 'eslint.config.js'] },
    ...tseslint.configs.recommendedTypeChecked,
    ...vue.configs['flat/recommended'],
    {
        files: ['**/*.ts', '**/*.vue'],
        languageOptions: { parserOptions: { parser: tseslint.parser, projectService: true, extraFileExtensions: ['.vue'] } },
    },
    {
        // The look of templates is Prettier's.
        rules: {
            'vue/html-indent': 'off',
            'vue/max-attributes-per-line': 'off',
            'vue/singleline-html-element-content-newline': 'off',
            'vue/html-self-closing': 'off',
            'vue/html-closing-bracket-newline': 'off',
            'vue/multiline-html-element-content-newline': 'off',
            'vue/attributes-order': 'off',
            'vue/require-default-prop': 'off',
            'vue/multi-word-component-names': 'off',
            'max-lines': ['error', 300],
        },
    },
    // Plain scripts have no types to check.
    { files: ['**/*.mjs'], ...tseslint.configs.disableTypeChecked },
);

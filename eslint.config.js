import vue from 'eslint-plugin-vue';
import accessibility from 'eslint-plugin-vuejs-accessibility';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['vendor/', 'public/', 'storage/', 'resources/viewer/dist/', 'components.d.ts', 'resources/studio/api/contract.ts', 'eslint.config.js'] },
    ...tseslint.configs.recommendedTypeChecked,
    ...vue.configs['flat/recommended'],
    ...accessibility.configs['flat/recommended'],
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
            // A label around its control, or bound to it by id; Element Plus's controls count as controls.
            'vuejs-accessibility/label-has-for': [
                'error',
                {
                    required: { some: ['nesting', 'id'] },
                    controlComponents: ['ElCheckbox', 'ElDatePicker', 'ElInput', 'ElInputNumber', 'ElSelect', 'ElSlider', 'ElSwitch'],
                },
            ],
            // A form that a person opens begins at its first field.
            'vuejs-accessibility/no-autofocus': 'off',
            // Lists and tables keep one tab stop and hear keys on the container; regions hear Escape and take dropped files.
            // The rules see one element at a time. tests/Browser goes through all of these by keyboard alone.
            'vuejs-accessibility/interactive-supports-focus': 'off',
            'vuejs-accessibility/click-events-have-key-events': 'off',
            'vuejs-accessibility/no-static-element-interactions': 'off',
        },
    },
    // Plain scripts have no types to check.
    { files: ['**/*.mjs'], ...tseslint.configs.disableTypeChecked },
);

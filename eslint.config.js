import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['**/schema.d.ts', 'public/**', 'vendor/**', 'var/**'] },
    ...tseslint.configs.strict,
    ...vue.configs['flat/recommended'],
    {
        files: ['**/*.vue', '**/*.ts'],
        languageOptions: { parserOptions: { parser: tseslint.parser } },
        rules: {
            'no-undef': 'off',
            'vue/multi-word-component-names': 'off',
            '@typescript-eslint/no-explicit-any': 'error',
        },
    },
    prettier,
);

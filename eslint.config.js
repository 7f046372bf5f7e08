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
    // Arrows point one way: app > features > shared. Features do not know each other; only OutboxDb knows the tables.
    {
        // A feature may have a folder of its own inside: that one knows the files above it, and nobody else's.
        files: ['resources/js/features/**/*.{ts,vue}'],
        rules: {
            'no-restricted-imports': [
                'error',
                { patterns: ['@/features/*', '@/app/*', '../*/*', '../../*'], paths: ['dexie'] },
            ],
        },
    },
    {
        files: ['resources/js/shared/**/*.{ts,vue}'],
        ignores: ['resources/js/shared/outbox/OutboxDb.ts', 'resources/js/shared/sound/SoundDb.ts'],
        rules: {
            'no-restricted-imports': ['error', { patterns: ['@/features/*', '@/app/*', '../*'], paths: ['dexie'] }],
        },
    },
    prettier,
);

import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

// What the screen works out by itself, without a browser; what it looks like and does in one is in tests/Browser.
export default defineConfig({
    resolve: { alias: { '@': fileURLToPath(new URL('./resources/js', import.meta.url)) } },
    test: { include: ['tests/Front/**/*.test.ts'], setupFiles: ['tests/Front/device.ts'] },
});

import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = { '@': fileURLToPath(new URL('./src', import.meta.url)) };

export default defineConfig({
  resolve: { alias },
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          // None of these changes what another reads, and the modules they share take longer to load than most checks take.
          isolate: false,
          env: { LOG_LEVEL: 'silent' },
          // No clock decides a check: this only ends what hangs, also where the machine is busy with something else.
          expect: { poll: { timeout: 200_000 } },
          testTimeout: 900_000,
          hookTimeout: 900_000,
          include: [
            'src/**/*.test.ts',
            'tests/published/**/*.test.ts',
            'tests/architecture/**/*.test.ts',
            'tests/verdict/**/*.test.ts',
            'tests/kept/**/*.test.ts',
            'tests/bench/**/*.test.ts',
            'tests/knots/**/*.test.ts',
          ],
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'database',
          env: { LOG_LEVEL: 'silent' },
          include: ['tests/db/**/*.test.ts'],
          expect: { poll: { timeout: 200_000 } },
          testTimeout: 900_000,
          hookTimeout: 900_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'end-to-end',
          isolate: false,
          env: { LOG_LEVEL: 'silent' },
          include: ['tests/e2e/**/*.test.ts'],
          expect: { poll: { timeout: 200_000 } },
          testTimeout: 900_000,
          hookTimeout: 900_000,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'starting',
          env: { LOG_LEVEL: 'silent' },
          include: ['tests/starting/**/*.test.ts'],
          testTimeout: 900_000,
          hookTimeout: 900_000,
        },
      },
    ],
  },
});

const swc = [
  '@swc/jest',
  {
    jsc: {
      parser: { syntax: 'typescript', tsx: true },
      target: 'es2022',
      transform: { react: { runtime: 'automatic' } },
    },
  },
];
const transform = { '^.+\\.[jt]sx?$': swc };

/** Everything without a screen runs in Node alone; screens run in a stand-in for the browser. */
export default {
  // Both cores: left to itself the runner keeps one for whoever watches.
  maxWorkers: '100%',
  // A worker that has grown fat is replaced, so that a small machine does not swap.
  workerIdleMemoryLimit: '2GB',
  projects: [
    {
      displayName: 'node',
      testEnvironment: 'node',
      globals: { __BUILD__: 'test' },
      roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/demo', '<rootDir>/app'],
      testMatch: ['**/*.test.ts'],
      transform,
      setupFilesAfterEnv: ['<rootDir>/jest.limits.js'],
      moduleNameMapper: { '/workers/client$': '<rootDir>/app/testing/client.ts' },
    },
    {
      displayName: 'screens',
      testEnvironment: 'jsdom',
      roots: ['<rootDir>/app'],
      testMatch: ['**/*.test.tsx'],
      // Packages that ship as modules only are translated too.
      transform: { ...transform, '/node_modules/react-hotkeys-hook/.+\\.js$': swc },
      transformIgnorePatterns: ['/node_modules/(?!react-hotkeys-hook/)'],
      setupFiles: ['<rootDir>/app/testing/browser.ts'],
      setupFilesAfterEnv: ['<rootDir>/jest.limits.js'],
      moduleNameMapper: {
        // The one for development keeps a stack for every element made: a fifth of all time, for warnings that nobody reads here.
        '^react/jsx-runtime$': '<rootDir>/node_modules/react/cjs/react-jsx-runtime.production.js',
        '^react-chartjs-2$': '<rootDir>/app/testing/charts.tsx',
        '/workers/client$': '<rootDir>/app/testing/client.ts',
      },
    },
  ],
};

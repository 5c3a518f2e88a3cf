const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        target: 'es2022',
        transform: { react: { runtime: 'automatic' } },
      },
    },
  ],
};

/** Everything without a screen runs in Node alone; screens run in a stand-in for the browser. */
export default {
  projects: [
    {
      displayName: 'node',
      testEnvironment: 'node',
      roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/demo', '<rootDir>/app'],
      testMatch: ['**/*.test.ts'],
      transform,
    },
    {
      displayName: 'screens',
      testEnvironment: 'jsdom',
      roots: ['<rootDir>/app'],
      testMatch: ['**/*.test.tsx'],
      transform,
      setupFiles: ['<rootDir>/app/testing/browser.ts'],
      moduleNameMapper: {
        '^react-chartjs-2$': '<rootDir>/app/testing/charts.tsx',
        '/workers/client$': '<rootDir>/app/testing/client.ts',
      },
    },
  ],
};

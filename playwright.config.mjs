import { defineConfig } from '@playwright/test'
import { chromiumPath } from './scripts/system.mjs'

const PORT = Number(process.env.PORT ?? 4183)

export default defineConfig({
  testDir: 'e2e',
  // a machine that others use too may take its time
  timeout: 150_000,
  expect: { timeout: 20_000 },
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  // a machine that stands still for minutes fails a test of no fault: it is tried once more, and named
  retries: 1,
  reporter: [['line'], ['json']],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-US',
    trace: 'off',
    // each test is a first visit: keeping the whole application for it is what offline.spec.ts is about
    serviceWorkers: 'block',
    // what fades and slides is there at once
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: chromiumPath(),
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
        '--disable-quic',
      ],
    },
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    url: `http://localhost:${PORT}`,
    env: { PORT: String(PORT), HOST: '127.0.0.1' },
    reuseExistingServer: false,
  },
})

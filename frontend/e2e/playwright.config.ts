import { defineConfig } from '@playwright/test'

// what the README shows is shown in a fresh demo, which nobody else uses
const isTour = process.env['TOUR'] !== undefined
// a shop of somebody's own begins with nothing
const isOwn = process.env['OWN'] !== undefined

export default defineConfig({
  testDir: '.',
  outputDir: process.env['JOURNEYS_OUT'] ?? '../../var/test/journeys',
  workers: 2,
  // what takes the server away comes last, when nobody else uses it; alone: --no-deps --project ground
  projects: isTour
    ? [{ name: 'tour', testMatch: /tour/ }]
    : isOwn
      ? [{ name: 'own', testMatch: /own/ }]
      : [
          { name: 'shop', testIgnore: /ground|tour|own/ },
          { name: 'ground', testMatch: /ground/, dependencies: ['shop'] },
        ],
  fullyParallel: false,
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: [['list']],
  use: {
    actionTimeout: 30_000,
    navigationTimeout: 60_000,
    baseURL: process.env['BASE_URL'] ?? 'http://127.0.0.1:8420',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--no-first-run',
      ],
    },
  },
})

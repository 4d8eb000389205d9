import { defineConfig } from '@playwright/test';
import { launch } from './browser.mjs';

export default defineConfig({
    testDir: '.',
    testMatch: '*.spec.mjs',
    // Generous: a slow machine is no fault, and a test that hangs is ended all the same.
    timeout: 150_000,
    expect: { timeout: 15_000 },
    workers: 1,
    forbidOnly: true,
    outputDir: '../var/browser/results',
    reporter: [['list'], ['json']],
    use: {
        baseURL: process.env.SUNDIAL_URL,
        launchOptions: launch,
        viewport: { width: 1280, height: 800 },
        timezoneId: 'Europe/London',
        locale: 'en-GB',
        trace: process.env.SUNDIAL_TRACE ? 'retain-on-failure' : 'off',
        screenshot: 'only-on-failure',
    },
});

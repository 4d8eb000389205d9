import { defineConfig } from '@playwright/test';
import { launch } from './browser.mjs';

export default defineConfig({
    testDir: '.',
    testMatch: '*.spec.mjs',
    timeout: 45_000,
    workers: 1,
    forbidOnly: true,
    outputDir: '../var/browser/results',
    reporter: [['list'], ['json']],
    use: { baseURL: process.env.SUNDIAL_URL, launchOptions: launch, viewport: { width: 1280, height: 800 }, timezoneId: 'Europe/London', locale: 'en-GB', trace: 'retain-on-failure' },
});

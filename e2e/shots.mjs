// Makes the pictures of docs/screenshots/ from the demo plant: `./sundial shots [NAME ...]`.
import { chromium } from '@playwright/test';
import { mkdir } from 'node:fs/promises';
import { forget, launch, logIn } from './browser.mjs';

const into = process.env.SUNDIAL_SHOTS ?? 'docs/screenshots';
const wide = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const firstRow = async (page, path) => {
    await page.goto(path);
    await page.locator('.index .row-line').first().click();
    await page.waitForURL(/(orders|schedules|assets)\/\d+/);
};
const asset = async (page, tag) => {
    await page.goto(`/assets?q=${tag}`);
    await page
        .locator('.index .row-line', { has: page.locator('.tag', { hasText: new RegExp(`^${tag}$`) }) })
        .click();
    await page.locator('.head h2').filter({ hasText: tag }).waitFor();
};

const shots = {
    today: { go: (page) => page.goto('/today') },
    'today-phone': { who: 'technician', view: phone, go: (page) => page.goto('/today') },
    outlook: { go: (page) => page.goto('/outlook?reach=6+months') },
    work: { who: 'supervisor', go: (page) => page.goto('/orders') },
    costs: { who: 'manager', go: (page) => page.goto('/costs?by=class') },
    assets: { go: (page) => page.goto('/assets') },
    'asset-sheet': {
        go: async (page) => {
            await page.goto('/assets');
            await page.locator('.row-line', { hasText: 'STN-02' }).first().click();
            await page.locator('.head h2').filter({ hasText: 'Stenter 2' }).waitFor();
        },
    },
    stops: { who: 'engineer', go: (page) => page.goto('/stops?days=90') },
    stores: { who: 'storekeeper', go: (page) => page.goto('/parts') },
    part: {
        who: 'storekeeper',
        go: async (page) => {
            await page.goto('/parts?q=WFS-3');
            await page.locator('.row-line').first().click();
            await page.locator('.stair').waitFor();
        },
    },
    'method-sheet': {
        go: async (page) => {
            await page.goto('/methods?q=M-006');
            await page.locator('.row-line').first().click();
            await page.locator('.head h2').filter({ hasText: 'Pump seal' }).waitFor();
        },
    },
    shutdown: { go: (page) => page.goto('/shutdowns/1') },
    'order-sheet': { who: 'supervisor', go: (page) => firstRow(page, '/orders?q=web-guide') },
    'order-phone': {
        who: 'supervisor',
        view: phone,
        go: async (page) => {
            await firstRow(page, '/orders?q=lubrication+round');
            await page.locator('#steps').waitFor();
        },
    },
    request: {
        go: async (page) => {
            await page.goto('/requests');
            await page.locator('.row-line', { hasText: 'PMP-02' }).click();
            await page.locator('.head h2').filter({ hasText: 'Leaks' }).waitFor();
        },
    },
    shift: {
        who: 'supervisor',
        go: async (page) => {
            await page.goto('/stops');
            await page.locator('.row-line', { hasText: 'Loom 14' }).first().click();
            await page.getByRole('link', { name: 'The shift before' }).click();
            await page.locator('.head h2').filter({ hasText: 'Late shift' }).waitFor();
        },
    },
    effectiveness: {
        who: 'supervisor',
        go: (page) => page.goto('/stops/oee?by=shift&days=90&one=late&other=early'),
    },
    tablet: {
        view: { width: 1024, height: 768 },
        go: async (page) => {
            await page.goto('/lines/1/settings');
            await page.locator('summary', { hasText: 'Sign a tablet in' }).click();
            await page.getByLabel('Its name').fill('by the loom');
            await page.getByRole('button', { name: 'Make its link' }).click();
            await page.goto(await page.locator('#tablets a.pre').getAttribute('href'));
            await page.locator('.tablet-word').waitFor();
        },
    },
    'report-phone': {
        view: phone,
        go: async (page) => {
            await asset(page, 'LM-14');
            const href = await page.getByRole('link', { name: 'Report a fault' }).getAttribute('href');
            await forget(page);
            await page.goto(href);
            await page.getByLabel('Code of the site').fill('MILL');
            await page.getByRole('button', { name: 'Go on' }).click();
            await page.getByRole('radio', { name: 'stops by itself' }).check();
        },
    },
};

const wanted = process.argv.slice(2);
await mkdir(into, { recursive: true });
const browser = await chromium.launch(launch);
for (const [name, shot] of Object.entries(shots).filter(([key]) => wanted.length === 0 || wanted.includes(key))) {
    const context = await browser.newContext({
        baseURL: process.env.SUNDIAL_URL,
        viewport: shot.view ?? wide,
        colorScheme: shot.scheme ?? 'light',
        locale: 'en-GB',
        timezoneId: 'Europe/London',
        reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    if (shot.who !== null) {
        await logIn(page, shot.who);
    }
    await shot.go(page);
    await page.locator('[data-awaited]').waitFor({ state: 'detached' });
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${into}/${name}.png`, animations: 'disabled' });
    console.log(`${into}/${name}.png`);
    await context.close();
}
await browser.close();

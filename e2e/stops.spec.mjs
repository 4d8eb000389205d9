// Stops: a machine stands for a reason of the list, and what cost most leads to its stops.
import { accessible, expect, logIn, test } from './frame.mjs';

test('a loom stands for a reason of the list, and what stood without one is given one', async ({ page }) => {
    await logIn(page, 'supervisor');
    await page.goto('/assets?q=LM-11');
    await page.locator('.index .row-line', { hasText: 'LM-11' }).first().click();
    await page.getByText('Say that it is down').click();
    await expect(page.locator('#stop-reasons option[value="Warp break"]')).toBeAttached();
    await page.getByLabel(/^What stopped it/).fill('warp break');
    await page.getByRole('button', { name: 'It is down' }).click();
    await expect(page.locator('#stops')).toContainText('Warp break');
    await page.goto('/stops');
    await expect(page.locator('#down')).toContainText('Loom 11');
    await accessible(page);
    const without = page.locator('#without tr', { hasText: 'chain rail' });
    await without.getByRole('combobox').selectOption('Drive');
    await without.getByRole('button', { name: 'Say why' }).click();
    await expect(page.getByRole('status')).toContainText('It was: Drive');
    await page.locator('#why').getByRole('link', { name: '365 d' }).click();
    await page.locator('#why').getByRole('link', { name: 'count' }).click();
    await page.locator('#why').getByRole('link', { name: 'Weft sensor' }).click();
    await expect(page.locator('.sheet')).toContainText('Loom 14');
    await accessible(page);
    await page.goto('/stops/reliability');
    await page.getByRole('link', { name: 'loom', exact: true }).click();
    await expect(page.locator('tbody tr').first()).toContainText('Loom 14');
    await accessible(page);
});

test('an operator logs a jam at the tablet, and the fitter is seen coming', async ({ page, browser }) => {
    await logIn(page, 'planner');
    await page.goto('/lines/1/settings');
    await page.locator('summary', { hasText: 'Sign a tablet in' }).click();
    await page.getByLabel('Its name').fill('by the loom');
    await page.getByRole('button', { name: 'Make its link' }).click();
    const link = await page.locator('#tablets a.pre').getAttribute('href');

    const context = await browser.newContext({ viewport: { width: 1024, height: 768 } });
    const tablet = await context.newPage();
    await tablet.goto(link);
    await expect(tablet.locator('.tablet-word')).toHaveText('runs');
    await accessible(tablet);
    // A stop of the demo waits for its reason first.
    const later = tablet.getByRole('button', { name: 'Say it later' });
    if (await later.isVisible()) {
        await later.click();
    }
    await tablet.getByRole('button', { name: 'It stands' }).click();
    await expect(tablet.locator('.tablet-word')).toHaveText('stands');
    await tablet.getByRole('button', { name: 'Call maintenance' }).click();
    await tablet.getByLabel(/What is wrong/).fill('the shuttle is stuck');
    await tablet.getByRole('button', { name: 'Call', exact: true }).click();
    await expect(tablet.locator('.tablet-call')).toContainText('W-');
    await accessible(tablet);

    const fitter = await (await browser.newContext()).newPage();
    await logIn(fitter, 'technician');
    await fitter.goto('/today');
    await fitter.getByRole('button', { name: 'I come' }).click();
    await expect(tablet.locator('.tablet-call')).toContainText('Odo Varga comes', { timeout: 15000 });

    const runsAgain = tablet.getByRole('button', { name: 'It runs again' });
    const place = await runsAgain.boundingBox();
    // The page is kept on the tablet as soon as it was opened once.
    await tablet.waitForFunction(async () => (await (await caches.open('tablet-1')).keys()).length > 2);
    await context.setOffline(true);
    await tablet.getByRole('button', { name: 'They are here' }).click();
    await expect(tablet.locator('.tablet-call')).toContainText('is here');
    await expect(tablet.locator('.tablet-note').first()).toContainText('1 press is kept here');
    expect(await runsAgain.boundingBox(), 'no button moves under a finger').toEqual(place);
    await tablet.reload();
    await expect(tablet.locator('.tablet-word')).toHaveText('stands');
    await expect(tablet.locator('.tablet-note').first()).toContainText('1 press is kept here');
    await runsAgain.click();
    const photo = { name: 'shuttle.png', mimeType: 'image/png', buffer: await tablet.screenshot() };
    await tablet.getByLabel('A photo …').and(tablet.locator(':visible')).setInputFiles(photo);
    await expect(tablet.getByText('1 photo taken').and(tablet.locator(':visible'))).toBeVisible();
    await tablet.getByRole('button', { name: 'Weft sensor' }).click();
    await expect(tablet.locator('.tablet-note').first()).toContainText('4 presses are kept here');
    await context.setOffline(false);
    await expect(tablet.locator('.tablet-note').first()).toBeHidden({ timeout: 15000 });
    await page.goto('/assets?q=LM-14');
    await page.locator('.index .row-line', { hasText: 'LM-14' }).first().click();
    const stop = page.locator('#stops tbody tr').first();
    await expect(stop).toContainText('Weft sensor');
    await stop.getByRole('link').first().click();
    await expect(page.locator('#documents .photos img')).toBeVisible();
    await accessible(page);
});

test('a supervisor sees the shift, enters what it made, compares shifts, and hands over', async ({ page, browser }) => {
    await logIn(page, 'supervisor');
    await page.goto('/stops');
    await page.getByRole('link', { name: /^Stenter 2 no stop/ }).click();
    await expect(page.locator('#band svg')).toBeVisible();
    await accessible(page);
    await page.getByRole('link', { name: 'day', exact: true }).click();
    await expect(page.locator('#band')).toContainText('The day');
    await page.locator('summary', { hasText: 'Enter output' }).click();
    const made = page.getByLabel('Made in all').first();
    await made.fill('many');
    await page.getByRole('button', { name: 'Save the shift' }).click();
    await expect(page.locator('#output .error').first()).toBeVisible();
    await page.getByLabel('Made in all').first().fill('700');
    await page.getByRole('button', { name: 'Save the shift' }).click();
    await expect(page.getByRole('status')).toContainText('The shift is saved');
    await page.goto('/stops/oee?by=shift&days=90');
    await page.getByRole('button', { name: 'Compare' }).click();
    await expect(page.locator('#beside')).toContainText('Of as much planned time');
    await page.locator('#added-up').getByRole('link', { name: 'late', exact: true }).click();
    await expect(page.locator('.sheet tbody tr').first()).toContainText('late');
    await page.goto('/handovers');
    await page.getByLabel(/What else the next shift/).fill('Chain rail was greased.');
    await page.getByRole('button', { name: 'Sign and hand over' }).click();
    await expect(page.getByRole('status')).toContainText('handed over');
    const next = await (await browser.newContext()).newPage();
    await logIn(next, 'planner');
    await next.goto('/handovers');
    await next.getByRole('button', { name: 'Sign and take over' }).click();
    await expect(next.getByRole('status')).toContainText('taken the shift over');
    await accessible(next);
});

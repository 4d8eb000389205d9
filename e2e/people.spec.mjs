// People at their places: a technician with a phone, an administrator in Setup, somebody who prefers the night.
import { accessible, expect, logIn, test } from './frame.mjs';

test('a technician works an order on a phone, one hand', async ({ browser }) => {
    const context = await browser.newContext({
        baseURL: process.env.SUNDIAL_URL,
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        locale: 'en-GB',
        timezoneId: 'Europe/London',
    });
    const page = await context.newPage();
    await logIn(page, 'technician');
    await expect(page).toHaveURL(/today/);
    await page.goto('/orders?mine=1&state=under+way');
    await page.locator('.index .row-line').first().tap();
    await expect(page.locator('.index')).toBeHidden();
    const box = await page.getByRole('checkbox').nth(1).boundingBox();
    expect(Math.min(box.width, box.height), 'a target for a gloved finger').toBeGreaterThanOrEqual(44);
    await page.getByRole('checkbox').nth(1).tap();
    await expect(page.getByRole('checkbox').nth(1)).toBeChecked();
    await page.getByRole('checkbox').nth(1).tap();
    await expect(page.getByRole('checkbox').nth(1)).not.toBeChecked();
    await page.getByRole('textbox', { name: 'Time', exact: true }).fill('20 min');
    await page.getByRole('button', { name: 'Book the time' }).tap();
    await expect(page.locator('#hours')).toContainText('booked 20 min');
    await page.getByRole('button', { name: /^Strike out 20 min/ }).tap();
    await expect(page.locator('#hours')).toContainText('booked 0 min');
    await accessible(page);
    await page.getByRole('link', { name: /All work/ }).tap();
    await expect(page.locator('.index')).toBeVisible();
    await context.close();
});

test('an administrator adds somebody, who logs in and changes their password', async ({ page, browser }) => {
    await logIn(page, 'admin');
    await page.goto('/setup/people/new');
    await page.getByLabel(/^Name/).fill('Wren Sealy');
    await page.getByLabel('Account name').fill('wren');
    await page.getByLabel('First password').fill('seven grey looms');
    await page.getByRole('button', { name: 'Save the person' }).click();
    await expect(page.getByText('Choose at least one role at a site.')).toBeVisible();
    await expect(page.getByLabel(/^Name/)).toHaveValue('Wren Sealy');
    await page.getByLabel('supervisor at Ollerfell Mill').check();
    await page.getByLabel('First password').fill('seven grey looms');
    await page.getByRole('button', { name: 'Save the person' }).click();
    await expect(page.getByRole('status')).toContainText('Wren Sealy is saved');
    const context = await browser.newContext({ baseURL: process.env.SUNDIAL_URL });
    const wren = await context.newPage();
    const logInWith = async (password) => {
        await wren.goto('/login');
        await wren.getByLabel('Account name').fill('wren');
        await wren.getByLabel('Password').fill(password);
        await wren.getByRole('button', { name: 'Log in' }).click();
    };
    await logInWith('wrong');
    await expect(wren.getByText('No active account has this name and password')).toBeVisible();
    await logInWith('seven grey looms');
    await wren.goto('/me');
    await wren.getByLabel('Present password').fill('seven grey looms');
    await wren.getByLabel(/^New password\s+· needed/).fill('eight blue winders');
    await wren.getByLabel('New password again').fill('eight blue winders');
    await wren.getByRole('button', { name: 'Change the password' }).click();
    await expect(wren.getByRole('status')).toContainText('Your password is changed');
    await wren.getByRole('button', { name: 'Night (dark)' }).click();
    await expect(wren.locator('html')).toHaveAttribute('data-scheme', 'dark');
    expect(await wren.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(18, 25, 29)');
    await wren.getByRole('button', { name: 'Log out', exact: true }).click();
    await expect(wren.getByText('You are logged out')).toBeVisible();
    await context.close();
});

test('the other site is one choice away', async ({ page }) => {
    await logIn(page, 'planner');
    await expect(page.locator('.top')).toContainText('Ollerfell Mill');
    await page.locator('summary', { hasText: 'Ollerfell Mill' }).click();
    await page.getByRole('button', { name: 'Low Weir Dyehouse' }).click();
    await expect(page.locator('.head h2')).toContainText('Low Weir Dyehouse');
    await page.goto('/assets');
    await expect(page.locator('.index')).toContainText('Dye-liquor pump');
});

test('cancelling asks what becomes of the visit, and the schedule follows', async ({ page }) => {
    await logIn(page, 'planner');
    await page.goto('/orders?state=approved');
    await page.locator('.index .row-line').first().click();
    const number = await page.locator('.head .tag').textContent();
    await page.locator('summary', { hasText: 'Cancel the order' }).click();
    await page.getByLabel('Why is it cancelled?').fill('The bay is flooded');
    await page.getByRole('radio', { name: /Give it back/ }).check();
    await page.getByRole('button', { name: `Cancel ${number}` }).click();
    await expect(page.getByRole('status')).toContainText('Its visit can be released again');
    await expect(page.locator('.note').first()).toContainText('The bay is flooded');
    await page
        .getByRole('row', { name: /given back/ })
        .getByRole('link')
        .click();
    await expect(page.locator('.secs')).toContainText('given back: The bay is flooded');
});

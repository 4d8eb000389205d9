// What the day brings: Today, ask or jump, meters, the outlook and the horizon, by mouse, by keyboard and on a phone.
import { accessible, expect, forget, logIn, test } from './frame.mjs';

const open = async (page, text) => {
    // The key is heard once the scripts of the page are there.
    await expect(async () => {
        await page.keyboard.press('/');
        await expect(page.locator('#jump')).toBeFocused({ timeout: 500 });
    }).toPass();
    await page.locator('#jump').fill(text);
};

test('Today shows a technician what to do next, and starts it', async ({ page }) => {
    await logIn(page, 'technician');
    await expect(page.locator('.whose').first()).toHaveText('For me');
    await accessible(page);
    const start = page.locator('#mine-next li').first();
    const label = await start.locator('.tag').textContent();
    await start.getByRole('button', { name: /^Start/ }).click();
    await expect(page.getByRole('status')).toContainText(`${label} is under way`);
    await page.goto('/today');
    await expect(page.locator('#mine-under-way')).toContainText(label);
});

test('Today differs by role, and every line leads on', async ({ page }) => {
    await logIn(page, 'supervisor');
    await page
        .locator('#review')
        .getByRole('link', { name: /^Review/ })
        .first()
        .click();
    await expect(page.getByRole('button', { name: /^Close W-/ })).toBeVisible();
    await forget(page);
    await logIn(page, 'operator');
    await expect(page.getByText('My line: what comes up on its machines')).toBeVisible();
    await accessible(page);
});

test('ask or jump finds what was meant, all by keyboard', async ({ page }) => {
    await logIn(page);
    await open(page, 'spining 7');
    await expect(page.locator('#jump-hits')).toContainText('This is what “spinning 7” finds');
    await accessible(page, null, '.jump');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /Spinning frame 7/ })).toBeVisible();
    await open(page, 'STN-02');
    await expect(page.locator('#jump-hits a').first()).toContainText('Stenter 2');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /Stenter 2/ })).toBeVisible();
    await page.locator('#page').focus();
    await page.keyboard.press('/');
    await expect(page.locator('#jump-hits')).toContainText('Recent');
    await expect(page.locator('#jump-hits')).toContainText('Spinning frame 7');
    await page.keyboard.press('Escape');
    await expect(page.locator('#jump-hits')).toBeHidden();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('Outlook');
    await accessible(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('g');
    await page.keyboard.press('o');
    await expect(page.getByRole('heading', { name: /^Outlook/ })).toBeVisible();
});

test('an implausible reading is questioned, and the replaced meter of a frame lets nothing jump', async ({
    page,
}) => {
    await logIn(page);
    await open(page, 'SPN-07');
    await expect(page.locator('#jump-hits a').first()).toContainText('Spinning frame 7');
    await page.keyboard.press('Enter');
    // A newcomer reads off the sheet when the service falls, and how sure that is.
    await expect(page.locator('#schedules')).toContainText(
        /Running hours: due at .*h, shows .*h; expected .* at .*h\/d, between .* and/,
    );
    await page.locator('#meters').getByRole('link', { name: 'Running hours' }).click();
    await expect(page.locator('.chart')).toContainText('replaced');
    await accessible(page);
    const before = await page.locator('table').first().locator('tbody tr').first().textContent();
    await page.getByLabel('It shows').fill('99999');
    await page.getByRole('button', { name: 'Take the reading' }).click();
    await expect(page.getByRole('alert').first()).toContainText('more than 24 hours a day');
    await expect(page.getByLabel('It shows')).toHaveValue('99999');
    await accessible(page);
    await page.getByLabel('It is right as typed').check();
    await page.getByRole('button', { name: 'Take the reading' }).click();
    await expect(page.getByRole('status')).toContainText('is taken. Spindle service: next');
    await page.locator('.strike summary').first().click();
    await page
        .getByLabel(/^Why is the reading of/)
        .first()
        .fill('A digit too many');
    await page.locator('.strike').first().getByRole('button', { name: 'Strike out' }).click();
    await expect(page.getByRole('status')).toContainText('struck out');
    await expect(page.getByText('struck out by Maud Thwaite: A digit too many')).toBeVisible();
    expect(await page.locator('table').first().locator('tbody tr').first().textContent()).toBe(before);
});

test('the outlook shows hours by trade and week, opens a week, and is exported', async ({ page }) => {
    await logIn(page, 'engineer');
    await page.goto('/outlook');
    await accessible(page);
    await page.getByLabel('Reach').selectOption('5 years');
    await page.locator('[name=place]').selectOption({ label: 'Ring room' });
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.getByText('Hours by trade and quarter')).toBeVisible();
    await expect(page.locator('.heat')).toContainText('lubricator');
    await page.getByText('Export').click();
    const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'iCalendar' }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(/^outlook-.*\.ics$/);
    await page.locator('.heat a').first().focus();
    await page.keyboard.press('Enter');
    await expect(page.getByText('Hours by trade and week')).toBeVisible();
});

test('an order is moved on the horizon by keyboard and by drag, and back', async ({ page }) => {
    await logIn(page);
    // On the sheet of an order the horizon is about one asset, where no day is so crowded that it is bundled.
    await page.goto('/orders?q=web-guide');
    await page.locator('.index .row-line').first().click();
    await page.waitForURL(/orders\/\d+/);
    // It comes behind the sheet: until then the horizon is still that of the site.
    await expect(page.locator('.horizon')).not.toContainText('Ollerfell Mill');
    const bar = () => page.locator('.horizon a[data-move]').first();
    const name = (await bar().getAttribute('aria-label')).match(/W-\d+/)[0];
    const mark = () => page.locator(`.horizon a[data-move][aria-label^="${name}"]`);
    const from = await mark().getAttribute('data-from');
    await mark().focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('status')).toContainText(`${name} is planned for`);
    await expect(mark()).not.toHaveAttribute('data-from', from);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(mark()).toHaveAttribute('data-from', from);
    const box = await mark().locator('rect').boundingBox();
    await page.mouse.move(box.x + 4, box.y + 4);
    await page.mouse.down();
    await page.mouse.move(box.x + 4 + box.width * 1.1, box.y + 4, { steps: 6 });
    await page.mouse.up();
    await expect(mark()).not.toHaveAttribute('data-from', from);
    await expect(page.getByRole('status')).toContainText(`${name} is planned for`);
    await expect(page).toHaveURL(/orders\/\d+/);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(mark()).toHaveAttribute('data-from', from);
    for (const span of ['quarter', 'year', '2 months']) {
        await page.locator('.horizon').getByRole('link', { name: span }).click();
        await expect(page.locator('.horizon a[aria-current]')).toHaveText(span);
    }
    await page.getByRole('link', { name: 'fold', exact: true }).click();
    await expect(page.locator('.horizon svg')).toHaveCount(0);
    await page.getByRole('link', { name: 'unfold' }).click();
    await page.locator('.horizon svg a').first().click();
    await expect(page).toHaveURL(/\/(schedules|orders|outlook|stops|lines|assets)/);
});

test('labels are chosen and printed as a PDF; a scanned code opens its asset', async ({ page }) => {
    await logIn(page);
    await page.goto('/labels');
    await accessible(page);
    const code = await page.locator('.label-choice code').first().textContent();
    const pdf = await page.request.post('/labels', {
        form: {
            _token: await page.locator('form[action="/labels"] [name=_token]').last().inputValue(),
            size: '24 to a sheet, 70 × 36 mm',
            'assets[]': await page.locator('[name="assets[]"]').first().inputValue(),
        },
    });
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    await page.goto(`/a/${code}`);
    await expect(page).toHaveURL(/\/assets\/\d+/);
});

test('on a phone Today, the horizon and a reading fit the hand', async ({ browser }) => {
    const context = await browser.newContext({
        baseURL: process.env.SUNDIAL_URL,
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        locale: 'en-GB',
        timezoneId: 'Europe/London',
    });
    const page = await context.newPage();
    await logIn(page, 'technician');
    for (const path of ['/today', '/meters/1', '/outlook', '/orders']) {
        await page.goto(path);
        expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390);
        await expect(page.locator('.horizon svg'), path).toBeVisible();
    }
    await page.goto('/today');
    await accessible(page);
    const button = await page.locator('.todo .btn').first().boundingBox();
    expect(button.height).toBeGreaterThanOrEqual(44);
    await context.close();
});

test('what stands on the sheet of an order survives every button and comes back elsewhere', async ({
    page,
    browser,
}) => {
    await logIn(page, 'supervisor');
    await page.goto('/orders?state=approved');
    await page.locator('.index .row-line').first().click();
    await page
        .getByRole('button', { name: /^Start the work/ })
        .or(page.getByRole('button', { name: 'Confirm and start the work' }))
        .first()
        .click();
    await expect(page.getByRole('status')).toContainText('is under way');
    const order = page.url().split('#')[0];
    const kept = page.waitForResponse((answer) => answer.url().includes('/drafts/on/order/'));
    await page.getByLabel('What was found').fill('Belt worn at the edge');
    await page.locator('#hours input[name=time]').fill('0:45');
    expect((await kept).status()).toBe(204);
    // Another button takes nothing of it away.
    await page.getByText('Put on hold', { exact: true }).first().click();
    await page.getByLabel('Note', { exact: true }).fill('waits for the belt');
    await page.locator('#steps .tick').first().click();
    await expect(page.locator('#steps .tick.on').first()).toBeVisible();
    await expect(page.getByLabel('What was found')).toHaveValue('Belt worn at the edge');
    await expect(page.locator('#hours input[name=time]')).toHaveValue('0:45');
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('waits for the belt');
    const elsewhere = await (await browser.newContext()).newPage();
    await logIn(elsewhere, 'supervisor');
    await elsewhere.goto(order);
    await expect(elsewhere.getByLabel('What was found')).toHaveValue('Belt worn at the edge');
    await expect(elsewhere.locator('#hours input[name=time]')).toHaveValue('0:45');
    // Finish takes the hours with it.
    await elsewhere.getByRole('button', { name: /^Finish W-/ }).click();
    const right = elsewhere.getByRole('checkbox', { name: /^It is right/ });
    const done = elsewhere.getByRole('status').filter({ hasText: 'is done' });
    await expect(right.or(done).first()).toBeVisible();
    if (await right.isVisible()) {
        await expect(elsewhere.getByLabel('What was found')).toHaveValue('Belt worn at the edge');
        await right.check();
        await elsewhere.getByRole('button', { name: /^Finish W-/ }).click();
    }
    await expect(done).toContainText('0:45 booked for');
    await expect(elsewhere.locator('#hours table')).toContainText('45 min');
});

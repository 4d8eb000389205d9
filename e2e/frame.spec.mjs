// The frame: what it does with addresses, keys, two windows, a lost session and a server that is gone; and whether
// all can use it.
import { accessible, expect, forget, logIn, test } from './frame.mjs';

test('choosing in the index swaps the sheet; the address follows, Back works, the filter stays', async ({
    page,
}) => {
    await logIn(page);
    await page.goto('/assets');
    await page.getByLabel('Search assets').fill('Loom');
    await expect(page.locator('.hides')).toContainText('These filters hide');
    await page.evaluate(() => {
        window.kept = true;
    });
    // Leaving the search field is no change of the filter: nothing may ask for the index again and take the address
    // back.
    const asked = [];
    page.on('request', (request) => asked.push(request.headers()['hx-target']));
    await page.locator('.row-line', { hasText: 'LM-14' }).click();
    await expect(page.getByRole('heading', { name: 'Loom 14 LM-14' })).toBeVisible();
    expect(asked.filter(Boolean)).toEqual(['sheet']);
    await expect(page).toHaveURL(/\/assets\/\d+\?q=Loom/);
    await expect(page.locator('.row-line[aria-current]')).toContainText('LM-14');
    await page.locator('.row-line', { hasText: 'LM-21' }).click();
    await expect(page.getByRole('heading', { name: 'Loom 21 LM-21' })).toBeVisible();
    expect(await page.evaluate(() => window.kept)).toBe(true);
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Loom 14 LM-14' })).toBeVisible();
    await expect(page.getByLabel('Search assets')).toHaveValue('Loom');
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Loom 14 LM-14' })).toBeVisible();
});

test('everything is reached by keyboard', async ({ page }) => {
    await page.goto('/login');
    await page.keyboard.type('planner');
    await page.keyboard.press('Tab');
    await page.keyboard.type('sundial');
    await page.keyboard.press('Enter');
    await page.waitForURL(/today/);
    await page.keyboard.press('Tab');
    await expect(page.getByText('Skip to the page')).toBeFocused();
    await page.goto('/assets');
    await page.locator('.index .row-line').first().focus();
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('.index .row-line').nth(1)).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/assets\/\d+/);
    await expect(page.locator('.index .row-line').nth(1)).toHaveAttribute('aria-current', /.*/);
    await page.locator('summary', { hasText: '+ New' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('link', { name: 'Method', exact: true })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('link', { name: 'Method', exact: true })).toBeHidden();
});

test('an asset is edited in place; a loop is refused and nothing typed is lost', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets?q=BLR-02');
    await page.locator('.row-line').first().click();
    await page.getByRole('link', { name: 'edit', exact: true }).click();
    await page.getByLabel('Notes').fill('Brick lining renewed.');
    await page.getByLabel('Stands at or inside (tag)').fill('PMP-03');
    await page.getByRole('button', { name: 'Save the asset' }).click();
    await expect(page.locator('.error').first()).toContainText('Steam boiler 2 cannot stand inside Feed pump 3');
    await expect(page.getByLabel('Notes')).toHaveValue('Brick lining renewed.');
    await page.getByLabel('Stands at or inside (tag)').fill('BOILER');
    await page.getByRole('button', { name: 'Save the asset' }).click();
    await expect(page.getByRole('status')).toContainText('Steam boiler 2 is saved');
    await expect(page.locator('#log')).toContainText('Maud Thwaite changed Steam boiler 2');
});

test('the second of two windows is shown what changed', async ({ page, context }) => {
    await logIn(page);
    await page.goto('/assets?q=WND-05');
    await page.locator('.row-line').first().click();
    await page.getByRole('link', { name: 'edit', exact: true }).click();
    await expect(page.getByLabel('Make', { exact: true })).toBeVisible();
    const second = await context.newPage();
    await second.goto(page.url());
    await second.getByLabel('Make', { exact: true }).fill('Second make');
    await second.getByRole('button', { name: 'Save the asset' }).click();
    await expect(second.getByRole('status')).toBeVisible();
    await page.getByLabel('Make', { exact: true }).fill('First make');
    await page.getByRole('button', { name: 'Save the asset' }).click();
    await expect(page.getByRole('alert')).toContainText('Make: stands as “Second make”, you typed “First make”');
    await expect(page.getByLabel('Make', { exact: true })).toHaveValue('First make');
    await page.getByRole('button', { name: 'Save the asset' }).click();
    await expect(page.locator('#facts')).toContainText('First make');
});

test('a lost session and a server that does not answer end in a sentence, and the form stays', async ({
    page,
    context,
}) => {
    await logIn(page);
    await page.goto('/places/new');
    await page.getByLabel('Name').fill('Lean-to');
    await page.getByLabel(/^Tag/).fill('LEAN');
    const cookies = await context.cookies();
    await forget(page);
    await page.getByRole('button', { name: 'Add the location' }).click();
    await expect(page.getByRole('alert')).toContainText('Your session has ended');
    await expect(page.getByLabel('Name')).toHaveValue('Lean-to');
    await context.addCookies(cookies);
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Add the location' }).click();
    await expect(page.getByRole('alert')).toContainText('The server did not answer');
    await context.setOffline(false);
    const again = await context.newPage();
    await again.goto('/login');
    await again.close();
    await page.getByRole('button', { name: 'Add the location' }).dblclick();
    await expect(page.getByRole('heading', { name: 'Lean-to LEAN' })).toBeVisible();
    await page.goto('/places');
    await expect(page.locator('.tree .goes', { hasText: 'LEAN' })).toHaveCount(1);
});

test('whoever presses again because the answer never came is told what was done', async ({ page }) => {
    await logIn(page);
    await page.goto('/rounds');
    let isLost = true;
    await page.route('**/rounds', async (route) => {
        if (route.request().method() === 'POST' && isLost) {
            isLost = false;
            await route.fetch({ maxRedirects: 0 });
            await route.abort();
        } else {
            await route.continue();
        }
    });
    await page.getByLabel(/^Name/).fill('Evening walk');
    await page.getByRole('button', { name: 'Add the round' }).click();
    await expect(page.getByRole('alert')).toContainText('press again in a moment');
    await expect(page.getByLabel(/^Name/)).toHaveValue('Evening walk');
    await page.getByRole('button', { name: 'Add the round' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Evening walk is a round' })).toBeVisible();
    await page.goto('/rounds');
    await expect(page.getByText('Evening walk')).toHaveCount(1);
});

test('the main forms work without JavaScript', async ({ browser }) => {
    const context = await browser.newContext({ javaScriptEnabled: false, baseURL: process.env.SUNDIAL_URL });
    const page = await context.newPage();
    await logIn(page);
    await page.goto('/assets?q=RSE-02');
    await page.locator('.row-line').first().click();
    await page.getByRole('link', { name: 'Add a schedule' }).click();
    await page.getByLabel('Number').fill('21');
    await page.getByRole('button', { name: 'Preview' }).click();
    await expect(page.locator('#preview')).toContainText('Every 21 days');
    await expect(page.getByLabel('Number')).toHaveValue('21');
    await page.getByLabel('Method').selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Put it on RSE-02' }).click();
    await expect(page.getByRole('status')).toContainText('is saved. Next visit');
    await context.close();
});

test('errors have pages of ours', async ({ page }) => {
    await logIn(page, 'technician');
    expect((await page.goto('/assets/999999')).status()).toBe(404);
    await expect(page.getByRole('heading', { name: 'Not there' })).toBeVisible();
    expect((await page.goto('/setup/people')).status()).toBe(403);
    await expect(page.getByRole('heading', { name: 'Not allowed' })).toBeVisible();
    await accessible(page);
});

const mainPages = async (page) => {
    const addresses = [
        '/assets',
        '/assets/new',
        '/places',
        '/schedules',
        '/methods',
        '/methods/new',
        '/orders',
        '/orders/table',
        '/orders/board',
        '/shutdowns',
        '/shutdowns/1',
        '/window?asset=LM-14',
        '/small-job',
        '/setup/webhooks',
        '/calendar',
        '/outlook',
        '/release',
        '/import/register',
        '/setup/people',
        '/setup/people/new',
        '/setup/sites',
        '/setup/teams',
        '/setup/trades',
        '/setup/classes',
        '/setup/fields',
        '/setup/units',
        '/setup/life-states',
        '/suppliers',
        '/parts',
        '/parts/4',
        '/parts/4/issue',
        '/parts/4/hold',
        '/parts/labels',
        '/purchases',
        '/purchases/1',
        '/counts',
        '/picks',
        '/stores/hold',
        '/stores/figures',
        '/tools',
        '/stops',
        '/stops/list',
        '/stops/reliability',
        '/stops/1',
        '/stops/oee',
        '/stops/oee?by=week&days=90',
        '/stops/oee/shifts',
        '/stops/oee/rejects?value=Stain&days=365',
        '/lines/1',
        '/lines/1/settings',
        '/lines/new',
        '/products',
        '/handovers',
        '/wall',
        '/setup/reject-reasons',
        '/tools/1',
        '/setup/stores',
        '/me',
        '/me/calendars',
    ];
    for (const list of [
        '/assets',
        '/schedules',
        '/methods',
        '/orders?state=under+way',
        '/orders?state=done',
        '/places',
    ]) {
        await page.goto(list);
        addresses.push(
            (await page.locator('.index .row-line, .index .goes').first().getAttribute('href')).replace(/\?.*/, ''),
        );
    }
    const asset = addresses.find((address) => /^\/assets\/\d+/.test(address));

    return [...addresses, `${asset}/edit`, `${asset}/schedules/new`];
};

test('every main page is accessible, has contrast by night, and fits a phone', async ({ page }) => {
    test.setTimeout(600_000);
    await page.goto('/login');
    await accessible(page);
    await logIn(page, 'admin');
    // The horizon is looked at on Today and on an asset's sheet; folded elsewhere, since it would be the same each
    // time.
    await page.goto('/assets?fold=1');
    const view = page.viewportSize();
    for (const address of await mainPages(page)) {
        await page.goto(address);
        await test.step(address, () => accessible(page));
        if (/\d/.test(address) || address === '/assets') {
            await page.emulateMedia({ colorScheme: 'dark' });
            await test.step(`${address} by night`, () => accessible(page, ['color-contrast']));
            await page.emulateMedia({ colorScheme: 'light' });
        }
        await page.setViewportSize({ width: 390, height: 844 });
        expect(
            await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
            `${address} is wider than a phone`,
        ).toBeLessThanOrEqual(0);
        await page.setViewportSize(view);
    }
});

test('Today is accessible on a phone', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await logIn(page, 'admin');
    await page.goto('/today');
    await accessible(page);
    await context.close();
});

test('Assets opens on the sky of the plant, and an area on its own', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets');
    const sky = page.locator('#rest > .sky');
    await expect(sky).toHaveAttribute('aria-label', /^The sky of Ollerfell Mill/);
    expect(await sky.locator('a').count()).toBeGreaterThan(60);
    await accessible(page);
    await page.locator('.one-sky').getByRole('link', { name: 'Weaving shed' }).click();
    await expect(page.getByRole('heading', { name: 'The sky of Weaving shed' })).toBeVisible();
    await page.getByRole('link', { name: 'as a table' }).click();
    await expect(page.getByRole('columnheader', { name: 'in hand' })).toBeVisible();
    await page.goBack();
    await page.locator('#rest > .sky a').first().click();
    await page.waitForURL(/\/assets\/\d+/);
});

test('what comes behind a page comes by itself, and can be had where it did not come', async ({ page }) => {
    await logIn(page);
    await page.goto('/parts');
    await page.locator('.index a[data-record]').first().click();
    await page.waitForURL(/\/parts\/\d+/);
    await expect(page.locator('#horizon svg a, #horizon .band svg').first()).toBeVisible();
    const address = new URL(page.url()).pathname;
    await page.goto(`${address}#log`);
    await expect(page.locator('#log')).toBeInViewport();
    await expect(page.locator('.index a[aria-current]')).toHaveCount(1);

    await page.route('**/parts/*', (route) =>
        route.request().headers()['x-awaited'] === undefined ? route.continue() : route.abort(),
    );
    await page.goto(address);
    await expect(page.locator('#said')).toContainText('A part of this page did not come');
    await page.getByRole('link', { name: 'Load it whole' }).click();
    await expect(page.locator('#log')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Where it lies' })).toBeVisible();
});

test('no address of another name is answered', async ({ request }) => {
    const answer = await request.get('/login', { headers: { Host: 'elsewhere.example' }, maxRedirects: 0 });
    expect(answer.status()).toBe(400);
    const file = await request.get('/robots.txt');
    expect(file.headers()['x-content-type-options']).toBe('nosniff');
    expect(file.headers()['content-security-policy']).toContain("default-src 'none'");
});

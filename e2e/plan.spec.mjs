// Planning: a method with answers, a schedule by date and use, rounds, the calendar, work that is taken along; by
// mouse, by keyboard and on a phone.
import { accessible, expect, logIn, test } from './frame.mjs';

const openOrder = async (page, text) => {
    await page.goto(`/orders?q=${encodeURIComponent(text)}`);
    await page.locator('.index .row-line').first().click();
    await page.waitForURL(/orders\/\d+/);
};

test('somebody new sets every 14 days or 250 hours, small-medium-small-large, and reads what happens next', async ({
    page,
}) => {
    await logIn(page);
    await page.keyboard.press('n');
    await page.keyboard.press('i');
    await page.getByLabel('Name').fill('Stenter care');
    await page.getByLabel('Service ladder').fill('small 1, medium 2, large 4');
    await page.getByLabel('Text of step 1').fill('Look at the pins');
    await page.getByLabel('Answer of step 1').selectOption('check');
    await page.getByLabel('Text of step 2').fill('Chain tension');
    await page.getByLabel('Answer of step 2').selectOption('number');
    await page.getByLabel('Upper limit of step 2').fill('12');
    await expect(page.getByLabel('Choices of step 2')).toBeHidden();
    await page.getByLabel('Text of step 3').fill('Change the chain oil');
    await page.getByLabel('Level of step 3').selectOption('large');
    // Moved up by its button, a step takes its answer along.
    await page.getByRole('button', { name: 'Move step 2 up' }).click();
    await expect(page.getByLabel('Text of step 1')).toHaveValue('Chain tension');
    await expect(page.getByLabel('Upper limit of step 1')).toHaveValue('12');
    await accessible(page);
    await page.getByRole('button', { name: 'Save, and put it in force' }).click();
    await expect(page.getByRole('status')).toContainText('revision 1 is in force');
    await page.goto('/assets?q=STN-01');
    await page.locator('.index .row-line').first().click();
    await page.locator('#schedules').getByRole('link', { name: 'add one' }).click();
    await page
        .getByLabel('Method')
        .selectOption({
            label: await page.getByLabel('Method').locator('option', { hasText: 'Stenter care' }).textContent(),
        });
    // "Every 30" of days is not meant of weeks.
    await page.getByLabel('Kind of rule').selectOption('weekdays');
    await expect(page.getByLabel('Number', { exact: true })).toHaveValue('1');
    await page.getByLabel('Kind of rule').selectOption('interval');
    await page.getByLabel('Number', { exact: true }).fill('14');
    await page.getByLabel('Units of the meter').fill('250');
    await page.getByLabel('Meter', { exact: true }).selectOption({ index: 1 });
    await page.getByLabel('Lead', { exact: true }).fill('3');
    const preview = page.locator('#preview');
    await expect(preview).toContainText('Every 14 days or every 250 h, whichever first');
    await expect(preview).toContainText('small-medium-small-large');
    await expect(preview.locator('tbody tr')).toHaveCount(12);
    await expect(preview.locator('tbody tr').nth(3)).toContainText('large');
    await expect(preview.getByRole('img', { name: /visits within a year/ })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Put it on STN-01' }).click();
    await expect(page.getByRole('status')).toContainText(/Next visit .* Its order is made on .*, by itself/);
    await expect(page.locator('#sheet')).toContainText('Visit 1, small');
});

test('a method is changed as a draft, compared, put in force, and an open order moves up', async ({ page }) => {
    await logIn(page);
    await openOrder(page, 'Stenter chain lubrication');
    await expect(page.locator('#sheet')).toContainText('A newer revision of Stenter chain lubrication is in force');
    await page.getByRole('button', { name: 'Move it up to the revision in force' }).click();
    await expect(page.getByRole('status')).toContainText('3 steps stayed the same');
    await expect(page.locator('#steps')).toContainText('Spray nozzles');
    await page.goto('/methods?q=M-019');
    await page.locator('.index .row-line').first().click();
    await page.getByRole('link', { name: 'Change the method' }).click();
    await page.getByRole('button', { name: 'Add a step' }).click();
    await page.locator('.by-hand > li').last().locator('input').first().fill('Check the drive belt');
    await page.getByRole('button', { name: 'Keep as a draft' }).click();
    await expect(page.locator('#sheet')).toContainText('is a draft; orders follow revision 1');
    await page.getByRole('link', { name: 'See what it changes' }).click();
    await expect(page.locator('tr.added')).toContainText('Check the drive belt');
    await accessible(page);
    await page.goBack();
    await page.getByLabel('Why').fill('A belt snapped');
    await page.getByRole('button', { name: 'Put revision 2 in force' }).click();
    await expect(page.locator('#revisions')).toContainText('“A belt snapped”');
    await page.getByRole('link', { name: 'As it is worked' }).click();
    await expect(page.locator('.phone')).toContainText('Check the drive belt');
    await accessible(page);
});

test('a round is walked together: scanned, put in order, given a schedule', async ({ page }) => {
    await logIn(page);
    await page.keyboard.press('g');
    await page.keyboard.press('n');
    await page.getByLabel('Name of a new round').fill('Winder round');
    await page.getByRole('button', { name: 'Add the round' }).click();
    for (const tag of ['WND-01', 'WND-02', 'WND-03']) {
        await page.getByLabel('Put an asset at the end').fill(tag);
        await page.keyboard.press('Enter');
        await expect(page.locator('.walked > li').last()).toContainText(tag);
        await expect(page.getByLabel('Put an asset at the end')).toHaveValue('');
    }
    await page.getByRole('button', { name: 'Walk WND-03 earlier' }).click();
    await expect(page.locator('.walked > li').nth(1)).toContainText('WND-03');
    await expect(page.getByRole('status')).toContainText('order of the round is changed');
    const first = await page.locator('.walked .position').nth(0).boundingBox();
    await page.locator('.walked .position').nth(2).hover();
    await page.mouse.down();
    await page.mouse.move(first.x + 4, first.y - 2, { steps: 12 });
    await page.mouse.up();
    await expect(page.locator('.walked > li').first()).toContainText('WND-02');
    await accessible(page);
    await page.getByRole('link', { name: 'Add a schedule' }).click();
    await expect(page.locator('.crumbs')).toContainText('Winder round');
    await page.getByLabel('Method').selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Put it on the round' }).click();
    await expect(page.locator('.crumbs')).toContainText('Schedule of the round Winder round, 3 assets');
});

test('the calendar moves an order by drag, and back by keys', async ({ page }) => {
    await logIn(page);
    await page.goto('/calendar');
    await accessible(page);
    const item = page.locator('.calendar .item.order[data-calendar]').last();
    const href = await item.getAttribute('href');
    const from = await item.getAttribute('data-from');
    const to = new Date(Date.parse(from) - 86400000).toISOString().slice(0, 10);
    await item.dragTo(page.locator(`td[data-day="${to}"]`));
    await expect(page.getByRole('status')).toContainText('is planned for');
    const moved = page.locator(`td[data-day="${to}"] a[href="${href}"]`);
    await expect(moved).toBeVisible();
    await moved.focus();
    await page.keyboard.press('ArrowRight');
    await expect(page.locator(`td[data-day="${from}"]`)).toHaveClass(/aim/);
    await page.keyboard.press('Enter');
    await expect(page.locator(`td[data-day="${from}"] a[href="${href}"]`)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator(`td[data-day="${to}"] a[href="${href}"]`)).toBeVisible();
    await page.getByRole('link', { name: 'Week', exact: true }).click();
    await expect(page.getByRole('heading', { name: /^Week of/ })).toBeVisible();
});

test('a technician answers steps on a phone, confirms precautions first, and signs', async ({ page, browser }) => {
    const planner = await browser.newPage();
    await logIn(planner);
    await planner.goto('/schedules?q=Stenter+burner+safety');
    await planner.locator('.index .row-line').first().click();
    await planner
        .getByRole('button', { name: /^Release/ })
        .first()
        .click();
    await expect(planner.getByRole('status')).toContainText('is made for visit');
    const order = planner.url();
    await page.setViewportSize({ width: 390, height: 844 });
    await logIn(page, 'supervisor');
    await page.goto(order);
    await page.getByRole('link', { name: 'Confirm and start' }).click();
    await page.getByRole('button', { name: 'Confirm and start the work' }).click();
    await expect(page.getByText('Confirm before the work starts: Gas isolated')).toBeVisible();
    await page.getByRole('checkbox', { name: /^Gas isolated/ }).check();
    await page.getByRole('button', { name: 'Confirm and start the work' }).click();
    await expect(page.getByRole('status')).toContainText('is under way');
    await page.getByRole('group', { name: 'Answer of step 1' }).getByRole('button', { name: 'sound' }).click();
    await expect(
        page.getByRole('group', { name: 'Answer of step 1' }).getByRole('button', { name: 'sound' }),
    ).toHaveAttribute('aria-pressed', 'true');
    await page.getByLabel('Number of step 3').fill('many');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.getByText('“many” cannot be read as a number')).toBeVisible();
    await page.getByLabel('Number of step 3').fill('30');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(page.locator('#step-3 .verdict-mark')).toHaveText('faulty');
    const box = await page.locator('.sign').boundingBox();
    await page.locator('.sign').scrollIntoViewIfNeeded();
    const pad = (await page.locator('.sign').boundingBox()) ?? box;
    await page.mouse.move(pad.x + 20, pad.y + 60);
    await page.mouse.down();
    await page.mouse.move(pad.x + 120, pad.y + 30, { steps: 6 });
    await page.mouse.move(pad.x + 200, pad.y + 80, { steps: 6 });
    await page.mouse.up();
    await page.getByRole('button', { name: 'Keep the signature' }).click();
    await expect(page.locator('#step-4 .given img')).toBeVisible();
    await accessible(page);
});

test('the service due three days after a repair is taken along, and left out again', async ({ page }) => {
    await logIn(page);
    await openOrder(page, 'Replace web-guide bearing');
    const along = page.locator('#along');
    await expect(along).toContainText('14-day stenter service');
    await expect(along).toContainText('3 d, 21 %');
    await along.getByRole('checkbox').first().check();
    await along.getByRole('button', { name: /^Take the chosen ones/ }).click();
    await expect(page.getByRole('status')).toContainText('takes 1 visit along');
    await expect(page.locator('#steps h4')).toContainText(['Replace web-guide bearing', '14-day stenter service']);
    await accessible(page);
    await page.getByRole('button', { name: 'leave it out' }).click();
    await expect(page.getByRole('status')).toContainText('left out');
    await expect(along).toContainText('14-day stenter service');
    // What could go along is still offered once the work has started.
    await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
    await page.getByRole('button', { name: 'Start the work' }).click();
    await expect(page.getByRole('status')).toContainText('is under way');
    await expect(page.locator('#along')).toContainText('14-day stenter service');
    await page.goto('/outlook/what-if');
    await page.getByLabel('every', { exact: true }).fill('7');
    await page.locator('[name=unit]').selectOption('days');
    await page.getByRole('button', { name: 'Show' }).click();
    await expect(page.locator('.whatif')).toContainText('+');
    await accessible(page);
});

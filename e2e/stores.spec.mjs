// The stores: buy what is short and receive it, hand over what is promised elsewhere, count a shelf on a phone.
import { accessible, counting, expect, logIn, test } from './frame.mjs';

const part = async (page, number) => {
    await page.goto(`/parts?q=${number}`);
    await page.locator('.index .row-line', { hasText: number }).first().click();
    await expect(page.locator('.head h2')).toContainText(number);
};

test('what is short is bought, received in part, and lies on the shelf', async ({ page }) => {
    await logIn(page, 'storekeeper');
    await page.goto('/parts');
    await expect(page.getByRole('heading', { name: 'What will run short' })).toBeVisible();
    await accessible(page);
    await page.getByRole('link', { name: 'what to buy' }).click();
    const group = page.locator('section.part', { hasText: 'P-0101' });
    await expect(group).toContainText('short for approved orders');
    await accessible(page);
    await group.getByLabel('How many of Deep-groove bearing, 12 × 28').fill('6');
    await group.getByLabel('Expected').fill('2026-03-25');
    await group.getByRole('button', { name: 'Write the purchase' }).click();
    await expect(page.getByRole('status')).toContainText('Look it over');
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.getByRole('status')).toContainText('is sent');
    await accessible(page);
    await page.getByLabel('Came of Deep-groove bearing, 12 × 28').fill('2');
    await page.getByRole('button', { name: 'Receive what came' }).click();
    await expect(page.getByRole('status')).toContainText('part received');
    await page.getByRole('link', { name: 'Deep-groove bearing, 12 × 28' }).first().click();
    await expect(page.locator('.head .meta')).toContainText('5 on hand');
    await expect(page.locator('.head .meta')).toContainText('4 on order');
    await expect(page.locator('#promised')).not.toContainText('0 of');
    await accessible(page);
});

test('whoever issues what is promised elsewhere is asked first, and told whose it is', async ({ page }) => {
    await logIn(page, 'storekeeper');
    await part(page, 'WFS-3');
    await page.getByRole('link', { name: 'Issue' }).click();
    await accessible(page);
    await page.getByRole('textbox', { name: 'Order' }).fill('W-2');
    await page.getByRole('textbox', { name: 'How many', exact: true }).fill('1');
    await page.getByRole('button', { name: 'Book it' }).click();
    await expect(page.getByRole('alert').first()).toContainText('There is no order “W-2” at this site');
    await expect(page.getByRole('textbox', { name: 'Order' })).toHaveValue('W-2');
    const line = page.locator('.issue-line', { hasText: 'promised 0' }).first();
    await line.getByRole('button', { name: 'Hand over' }).click();
    await expect(page.getByRole('alert').first()).toContainText('That takes what is promised elsewhere');
});

test('a shelf is counted on a phone, and the difference is seen before it is booked', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await logIn(page, 'storekeeper');
    await page.goto('/counts');
    await page.getByText('Make a sheet to walk with').click();
    await page.getByLabel('Which parts').selectOption('bins');
    await page.getByLabel('Bins that begin with').fill('C-0');
    await page.getByRole('button', { name: 'Make the sheet' }).click();
    await expect(page.getByRole('status')).toContainText('Walk it');
    await accessible(page);
    const field = page.locator('.walk input').first();
    await field.fill('1');
    await page.getByRole('button', { name: 'Keep what was counted' }).click();
    await expect(page.getByRole('status')).toContainText('1 of the lines');
    await expect(page.getByRole('heading', { name: 'What differs' })).toBeVisible();
    await page.getByRole('button', { name: /^Book 1 difference/ }).click();
    await expect(page.getByRole('alert').or(page.getByText('is booked')).first()).toBeVisible();
    if (await page.getByRole('alert').first().isVisible()) {
        await page.getByLabel('Why it differs').fill('miscounted before');
        await page.getByLabel('Seen by').selectOption({ index: 1 });
        await page.getByRole('button', { name: /^Book 1 difference/ }).click();
    }
    await expect(page.getByRole('status')).toContainText('is booked');
    await context.close();
});

test('a technician before the shelf takes a part for an order, and puts it back', async ({ browser }) => {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await logIn(page, 'supervisor');
    await page.goto('/scan?text=P-0110');
    await expect(page.getByRole('heading', { name: /Deep-groove bearing/ })).toBeVisible();
    await accessible(page);
    await page.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByRole('status')).toContainText('Taken for W-');
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(page.getByRole('status')).toContainText('Put back from W-');
    await context.close();
});

test('a drive comes back from repair under its number, and a special tool is lent', async ({ page }) => {
    await logIn(page, 'storekeeper');
    await part(page, 'DRV-15');
    await page.getByText(/^Take back what was sent/).click();
    await page.getByLabel('Came back mended').fill('1');
    await page.getByLabel(/^What the repair cost/).fill('240');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('alert').first()).toContainText('one serial number for each piece');
    await page.locator('#repairs').getByLabel('Serial numbers').first().fill('D15-0312');
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('status')).toContainText('It is taken back');
    await expect(page.locator('.head .meta')).toContainText('3 on hand');
    await accessible(page);
    await page.goto('/tools');
    await expect(page.getByText('booked twice')).toBeVisible();
    await accessible(page);
    await page.getByRole('link', { name: /^Torque wrench/ }).click();
    await page.getByLabel(/^To/).selectOption({ index: 1 });
    await page.getByRole('button', { name: 'Lend it' }).click();
    await expect(page.getByRole('status')).toContainText('has it');
    await page.getByRole('button', { name: 'It is back' }).click();
    await expect(page.getByRole('status')).toContainText('It is back');
    await accessible(page);
});

test('a part is tied to a recurring task and used by finishing it, in five actions', async ({ page }) => {
    await logIn(page, 'planner');
    await page.goto('/schedules?q=Splicer');
    await page.locator('.index .row-line').first().click();
    await expect(page.locator('.head h2')).toContainText('Splicer');
    await accessible(page);
    const hand = counting(page);
    await hand.fill(page.getByLabel('Tie a part'), 'P-0110 x 1');
    await hand.press(page.getByRole('button', { name: 'Tie it' }));
    await expect(page.getByRole('status')).toContainText('P-0110 x 1 is taken from the next order on');
    await expect(page.getByRole('button', { name: /^Take Deep-groove bearing.* off$/ })).toBeVisible();
    await hand.press(page.getByRole('button', { name: /^Release visit/ }));
    await expect(page.getByRole('status')).toContainText('is made for visit');
    await hand.press(page.getByRole('button', { name: 'Start the work' }));
    await hand.press(page.getByRole('button', { name: /^Finish W-/ }));
    await expect(page.getByRole('status')).toContainText('Taken: Deep-groove bearing');
    expect(hand.actions).toBeLessThanOrEqual(5);
});

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

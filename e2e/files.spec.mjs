// Files in and out, and the door for programs.
import { accessible, expect, logIn, test } from './frame.mjs';

const csv = (name, text) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a file is mapped, checked, loaded and taken back', async ({ page }) => {
    await logIn(page);
    await page.goto('/import');
    await accessible(page);
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Locations and assets' })
        .getByRole('link', { name: 'Load a file' })
        .click();
    await page
        .getByLabel('CSV file')
        .setInputFiles(
            csv(
                'looms.csv',
                'Kennung;name;class;place;purchase price;colour\nLM-14;Loom 14;loom;;18.250,00;red\nLM-91;Loom ' +
                '91;loom;WEAVE-A;19.000,50;blue\n',
            ),
        );
    await page.getByRole('button', { name: 'Check the file' }).click();
    await expect(page.getByText('No column of the file is the tag')).toBeVisible();
    await page.getByLabel('Kennung holds').selectOption('tag');
    await page.getByRole('button', { name: 'Check it again' }).click();
    await expect(page.getByText('It would make 1, change 1 and leave 0')).toBeVisible();
    await expect(page.getByText('One column is left out')).toContainText('colour');
    await expect(page.getByRole('row', { name: /LM-14 purchase price/ })).toContainText('18250.00');
    await accessible(page);
    await page.getByRole('button', { name: 'Load 2 rows' }).click();
    await expect(page.getByText('The file is loaded: 1 made, 1 changed')).toBeVisible();
    await page.goBack();
    await page.goto('/assets/table?q=LM-91');
    await expect(page.locator('table')).toContainText('Loom 91');
    await page.goto('/import');
    await page.getByRole('link', { name: 'looms.csv' }).first().click();
    await accessible(page);
    await page.getByRole('button', { name: 'Take looms.csv back' }).click();
    await expect(page.getByText('The file was taken back')).toBeVisible();
    await page.goto('/assets/table?q=LM-91');
    await expect(page.getByText('0 of')).toBeVisible();
});

test('a file that is no table, or far too large, is turned away with a reason', async ({ page }) => {
    await logIn(page);
    await page.goto('/import/suppliers');
    await page
        .getByLabel('CSV file')
        .setInputFiles({
            name: 'plant.csv',
            mimeType: 'text/csv',
            buffer: Buffer.concat([Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 0]), Buffer.alloc(20 * 1024 * 1024)]),
        });
    await page.getByRole('button', { name: 'Check the file' }).click();
    await expect(page.getByText(/no CSV file|no UTF-8 text|over 20 MB/)).toBeVisible();
});

test('a program reads and writes with a token, and without one is told how', async ({ page, request }) => {
    await logIn(page);
    await page.goto('/api');
    await accessible(page);
    expect((await request.get('/api/v1/assets')).status()).toBe(401);
    await page.goto('/me');
    await page.getByLabel('Used by').fill('Line gateway');
    await page.getByLabel('It may').selectOption('write');
    await page.getByRole('button', { name: 'Make a token' }).click();
    const token = await page.getByLabel('The token', { exact: true }).inputValue();
    await accessible(page);
    const headers = { Authorization: `Bearer ${token}`, 'Idempotency-Key': 'night-shift' };
    const { data } = await (await request.get('/api/v1/meters?tag=SPN-07', { headers })).json();
    expect(data[0].kind).toBe('counter');
    const reading = String(Number(data[0].last_reading.reading) + 1);
    const send = () =>
        request.post('/api/v1/readings', {
            headers,
            data: { site: 'OM', readings: [{ tag: 'SPN-07', meter: data[0].meter, reading }] },
        });
    expect((await send()).status()).toBe(201);
    const again = await send();
    expect([again.status(), again.headers()['idempotency-replayed']]).toEqual([201, 'true']);
    await page.getByRole('button', { name: 'Revoke the token Line gateway' }).click();
    await expect(page.getByRole('status')).toContainText('opens nothing any more');
    expect((await request.get('/api/v1/assets', { headers })).status()).toBe(401);
});

test('a file dropped onto an asset is kept with it', async ({ page }) => {
    await logIn(page);
    await page.goto('/assets?q=LM-14');
    await page.locator('.index a[data-record]').first().click();
    await expect(page.locator('form[data-drop]')).toBeVisible();
    const carried = await page.evaluateHandle(() => {
        const data = new DataTransfer();
        data.items.add(
            new File(['Checked the reed on the night shift.'], 'night notes.txt', { type: 'text/plain' }),
        );

        return data;
    });
    await page.dispatchEvent('.sheet h2', 'drop', { dataTransfer: carried });
    await expect(page.getByRole('link', { name: 'night notes.txt' })).toBeVisible();
});

import { expect } from '@playwright/test'
import { signedIn, test } from './shop'

const head = 'number,description,maker,origin,pack_size,bin,in_stock,price,superseded_by,kit\n'

test('the parts counter follows a chain, changes a price, and is told of a loop at the field', async ({ browser }) => {
  const bram = await signedIn(browser, 'bram')
  await bram.getByRole('link', { name: 'Parts', exact: true }).click()
  await bram.getByRole('link', { name: 'Catalogue' }).click()
  await bram.getByRole('searchbox', { name: 'Find a part' }).fill('DM-203')
  await bram.getByRole('button', { name: 'DM-20311', exact: true }).click()
  const panel = bram.getByRole('region', { name: 'DM-20311' })
  await panel.getByRole('button', { name: 'DM-20961' }).click()
  const current = bram.getByRole('region', { name: 'DM-20961' })
  await expect(current).toContainText('DM-19065 Service kit D65')
  await current.getByRole('textbox', { name: 'Superseded by' }).fill('DM-20311')
  await current.getByRole('button', { name: 'Keep the changes' }).click()
  await expect(current).toContainText('would lead back to itself')
  await current.getByRole('textbox', { name: 'Superseded by' }).fill('')
  await current.getByLabel('Price of one').fill('17,40')
  await current.getByRole('button', { name: 'Keep the changes' }).click()
  await bram.getByRole('searchbox', { name: 'Find a part' }).fill('DM-20961')
  await expect(bram.getByRole('row').filter({ hasText: 'DM-20961' })).toContainText('17.40')
})

test('parts come in from a file: first what would change, then all of it, then a bad one and nothing', async ({
  browser,
}) => {
  const bram = await signedIn(browser, 'bram')
  await bram.goto('/parts/catalogue')
  const rows = Array.from(
    { length: 10_000 },
    (_, row) => `BK-${10_000 + row},Bulk seal ${row},Kestrane,maker,10,Z1-01,${row % 7},0.${10 + (row % 80)},,`,
  )
  const box = bram.getByLabel('Parts file')
  await box.setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(head + rows.join('\n')) })
  await expect(bram.getByText('10000 new, 0 changed, 0 the same.')).toBeVisible()
  await bram.getByRole('button', { name: 'Take in 10000 changes' }).click()
  await expect(bram.getByText('Taken in.')).toBeVisible()
  await bram.getByRole('searchbox', { name: 'Find a part' }).fill('BK-19999')
  await expect(bram.getByRole('row').filter({ hasText: 'BK-19999' })).toContainText('Bulk seal 9999')

  const bad = `${head}BK-1,=1+1,Kestrane,maker,1,Z1,1,1.00,,\nBK-2,Seal,Kestrane,maker,1,Z1,1,1.00,,\n`
  await box.setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from(bad) })
  await expect(bram.getByRole('alert')).toContainText('looks like a formula')
  await expect(bram.getByRole('button', { name: /^Take in/ })).toHaveCount(0)
})

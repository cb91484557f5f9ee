import { expect } from '@playwright/test'
import { issueFor, signedIn, tablet, test, workUntil } from './shop'

test('emulsified oil stops the job and tells the writer', async ({ browser }) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, 'Little Dunlin', '21.5', ['Oil filter'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await workUntil(bench, /^Look at the oil/)
  await bench.getByRole('button', { name: /^Emulsified/ }).click()
  await expect(bench.getByRole('alert')).toContainText('STOP')
  await expect(bench.getByRole('alert')).toContainText('Do not run this engine. Tell the service writer at once')
  await expect(bench.getByRole('alert')).toContainText('if it is salt water, the engine must be preserved today')
  await expect(bench.getByRole('textbox', { name: /How does it go on/ })).toHaveCount(0)

  await writer.goto('/')
  const alert = writer.getByRole('alert').filter({ hasText: `Order ${number}, Little Dunlin: work stopped.` })
  await expect(alert).toBeVisible()
  await alert.getByRole('link', { name: 'See and decide' }).click()
  await writer.getByRole('textbox', { name: /How does it go on/ }).fill('Fresh water; flushed twice, customer told.')
  await writer.getByRole('button', { name: 'Write down and let the work go on' }).click()
  await expect(writer.getByRole('heading', { name: /^When it only drips/ })).toBeVisible()

  await bench.reload()
  await workUntil(bench, null)
  await bench.getByRole('button', { name: 'Go to the release' }).click()
  await bench.getByLabel('not measured').check()
  await bench.getByRole('textbox', { name: /^Remark/ }).fill('Flushed with oil first.')
  await bench.getByRole('button', { name: 'Release the engines' }).click()
  await expect(
    bench.getByText(/^Not as it should be: .*decision: Fresh water; flushed twice, customer told\.$/),
  ).toBeVisible()
})

import { expect } from '@playwright/test'
import { holdParts, issueFor, signedIn, tablet, test, workUntil } from './shop'

test('what is measured is judged by the sheet, and what is found is decided about before the release', async ({
  browser,
}) => {
  const writer = await signedIn(browser, 'ines')
  const number = await issueFor(writer, 'Little Dunlin', '21.5', ['External anodes', 'Spark plugs'])
  const bench = await signedIn(browser, 'ada', tablet)
  await bench.goto(`/orders/${number}/bench`)
  await holdParts(bench)

  // plugs are read as a set
  await workUntil(bench, /^Look at them in cylinder order/)
  for (const [plug, look] of [
    ['plug 1', 'Tan or grey, dry'],
    ['plug 2', 'Tan or grey, dry'],
    ['plug 3', 'Black and dry: soot'],
    ['plug 4', 'Tan or grey, dry'],
  ]) {
    await bench.getByRole('button', { name: `${plug}: ${look}`, exact: true }).click()
  }
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()
  const unlike = bench.getByRole('group', { name: /^Found: plug 3/ })
  await expect(unlike).toContainText('Unlike the rest')
  await unlike.getByRole('button', { name: 'Put to the owner …' }).click()
  await unlike.getByRole('textbox', { name: 'Who was told, and when?' }).fill('Mrs Odell, by phone at noon.')
  await unlike.getByRole('button', { name: 'Enter', exact: true }).click()
  await expect(unlike).toContainText('put to the owner: Mrs Odell, by phone at noon.')

  // something that nobody asked for
  await bench.getByRole('button', { name: 'Found …' }).click()
  await bench.getByRole('radio', { name: 'gearcase' }).click()
  await bench.getByRole('textbox', { name: 'What is it?' }).fill('Skeg chipped')
  await bench.getByRole('radio', { name: 'Only to be noted' }).click()
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()

  // a gap is set before it is entered
  await workUntil(bench, /^Gauge every gap/)
  await expect(bench.getByRole('textbox', { name: 'plug 4, mm' })).toHaveValue('1.05')
  await bench.getByRole('textbox', { name: 'plug 4, mm' }).fill('0,9')
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()
  await expect(bench.getByRole('alert')).toContainText(
    'Plug 4: 0.9 mm (0.035 in). Outside 1.0 – 1.1 mm: it is set, then measured again.',
  )
  await expect(bench.getByRole('textbox', { name: 'plug 4, mm' })).toHaveValue('0,9')
  await bench.getByRole('textbox', { name: 'plug 4, mm' }).fill('1,1')
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()

  await expect(bench.getByRole('heading', { name: /^Gauge every gap/ })).toHaveCount(0)

  await workUntil(bench, /^Brush each one clean/)
  // the one at the trim tab is spent and renewed, one of two across the bracket is spent and stays
  await expect(bench.getByRole('button', { name: '3 still to say' })).toBeDisabled()
  const anode = (name: string) => bench.getByRole('group', { name, exact: true })
  for (const [name, fives, then] of [
    ['trim tab', 8, 'New one on'],
    ['bracket, across, 1 of 2', 10, 'Stays'],
    ['bracket, across, 2 of 2', 14, 'Stays'],
  ] as const) {
    const share = anode(name).getByRole('slider')
    await share.focus()
    await share.press('Home')
    for (let five = 0; five < fives + 1; five += 1) {
      await share.press('ArrowRight')
    }
    // an arrow means the share, and not the step before
    await share.press('ArrowLeft')
    await anode(name).getByRole('button', { name: then }).click()
  }
  await bench.reload()
  await expect(anode('trim tab').getByRole('slider')).toHaveAttribute('aria-valuetext', 'trim tab: 40 % left')
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()
  const spent = bench.getByRole('group', { name: /^Found: bracket, across, 1 of 2: 50 % left/ })
  await expect(spent).toContainText('it is renewed at 50 % or less')

  await workUntil(bench, null)
  await bench.getByRole('button', { name: 'Go to the release' }).click()
  await bench.getByRole('button', { name: 'Release the engines' }).click()
  await expect(bench.getByText('One thing keeps this order from being released.')).toBeVisible()
  await bench
    .getByRole('group', { name: /^Found: bracket, across, 1 of 2/ })
    .getByRole('button', { name: 'May wait …' })
    .click()
  await bench
    .getByRole('textbox', { name: 'Why may it wait, and who was told?' })
    .fill('Half a season left; Mrs Odell told.')
  await bench.getByRole('button', { name: 'Enter', exact: true }).click()
  await bench.getByRole('button', { name: 'Release the engines' }).click()

  await expect(bench.getByRole('heading', { name: /Service record/ })).toBeVisible()
  await expect(bench.getByText(/Fitted: .*1 × QV-61260/)).toBeVisible()
  await expect(bench.getByText('may wait: Half a season left; Mrs Odell told.', { exact: true })).toBeVisible()
  await expect(bench.getByText('found at the gearcase: Skeg chipped').first()).toBeVisible()
})

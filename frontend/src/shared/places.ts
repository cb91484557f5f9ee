/** The two letters of ISO 3166; their names come from the browser. */
const codes =
  'AD AE AF AG AI AL AM AO AR AS AT AU AW AX AZ BA BB BD BE BF BG BH BI BJ BL BM BN BO BQ BR BS BT BW BY BZ CA CC CD CF ' +
  'CG CH CI CK CL CM CN CO CR CU CV CW CX CY CZ DE DJ DK DM DO DZ EC EE EG EH ER ES ET FI FJ FK FM FO FR GA GB GD GE GF ' +
  'GG GH GI GL GM GN GP GQ GR GT GU GW GY HK HN HR HT HU ID IE IL IM IN IO IQ IR IS IT JE JM JO JP KE KG KH KI KM KN KP ' +
  'KR KW KY KZ LA LB LC LI LK LR LS LT LU LV LY MA MC MD ME MF MG MH MK ML MM MN MO MP MQ MR MS MT MU MV MW MX MY MZ NA ' +
  'NC NE NF NG NI NL NO NP NR NU NZ OM PA PE PF PG PH PK PL PM PN PR PS PT PW PY QA RE RO RS RU RW SA SB SC SD SE SG SH ' +
  'SI SJ SK SL SM SN SO SR SS ST SV SX SY SZ TC TD TF TG TH TJ TK TL TM TN TO TR TT TV TW TZ UA UG US UY UZ VA VC VE VG ' +
  'VI VN VU WF WS XK YE YT ZA ZM ZW'

const euro = 'AD AT BE BG CY DE EE ES FI FR GR HR IE IT LT LU LV MC ME MT NL PT SI SK SM VA XK'.split(' ')
const currencyOf: Record<string, string> = {
  ...Object.fromEntries(euro.map((country) => [country, 'EUR'])),
  ...{ AU: 'AUD', BR: 'BRL', CA: 'CAD', CH: 'CHF', CZ: 'CZK', DK: 'DKK', FO: 'DKK', GB: 'GBP', GL: 'DKK', HU: 'HUF' },
  ...{ IN: 'INR', LI: 'CHF', MX: 'MXN', NO: 'NOK', NZ: 'NZD', PL: 'PLN', PR: 'USD', RO: 'RON', SE: 'SEK', TR: 'TRY' },
  ...{ US: 'USD', ZA: 'ZAR' },
}

/** Prices are kept in hundredths: a currency that has none is not offered. */
function hasHundredths(currency: string): boolean {
  return new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits === 2
}

const regionNames = new Intl.DisplayNames('en', { type: 'region' })
const currencyNames = new Intl.DisplayNames('en', { type: 'currency' })

export interface Choice {
  value: string
  name: string
}

const byName = (one: Choice, other: Choice): number => one.name.localeCompare(other.name, 'en')

export const countries: Choice[] = codes
  .split(' ')
  .map((value) => ({ value, name: regionNames.of(value) ?? value }))
  .sort(byName)

export const currencies: Choice[] = Intl.supportedValuesOf('currency')
  .filter(hasHundredths)
  .map((value) => ({ value, name: `${currencyNames.of(value) ?? value} (${value})` }))
  .sort(byName)

export const timeZones: string[] = Intl.supportedValuesOf('timeZone')

const ofThisMachine = new Intl.DateTimeFormat().resolvedOptions().timeZone

/** The zone of this machine; '' if it stands on none that a shop can be in. */
export const zoneHere = timeZones.includes(ofThisMachine) ? ofThisMachine : ''

/** The clock of a zone in winter and in summer. */
function clocks(zone: string): string {
  const format = new Intl.DateTimeFormat('en', { timeZone: zone, timeZoneName: 'longOffset' })
  return [0, 6].map((month) => format.format(new Date(Date.UTC(2026, month, 1)))).join(' ')
}

/** What is usual in a country; its zone is this machine's, or the only one there is: '' where that has to be chosen. */
export function usualIn(country: string, here = zoneHere): { timeZone: string; currency: string } {
  const locale = new Intl.Locale(`und-${country}`) as Intl.Locale & {
    getTimeZones?: () => string[]
    timeZones?: string[]
  }
  const zones = locale.getTimeZones?.() ?? locale.timeZones ?? []
  const isOne = new Set(zones.map(clocks)).size === 1
  return {
    timeZone: zones.includes(here) || zones.length === 0 ? here : isOne ? (zones[0] ?? '') : '',
    currency: currencyOf[country] ?? '',
  }
}

import { shallowRef, type App } from 'vue'

/** How figures are written in the shop's country. */
export interface FigureStyle {
  decimalComma: boolean
  /** US quarts before litres, °F before °C; false: litres first; null: as the source has it. */
  customary: boolean | null
}

export const figureStyle = shallowRef<FigureStyle>({ decimalComma: false, customary: null })

/** The shop's, as `EUR`; empty until it is known. */
export const currency = shallowRef('')

const quarts = /(?<![\w.,])(\d+(?:\.\d+)? (?:l|ml)) \((\d+(?:\.\d+)? US (?:qt|fl oz))\)/gu
const litres = /(?<![\w.,]|≈ )(\d+(?:\.\d+)? (?:US|imp) (?:qt|gal|fl oz|pt)) \((\d+(?:\.\d+)? (?:l|ml))\)/gu
const celsius = /(?<![\w.,(−])(−?\d+) °C(?!\w)/gu
/** What is spelt otherwise in the United States. */
const american: Record<string, string> = {
  colour: 'color',
  colours: 'colors',
  grey: 'gray',
  centre: 'center',
  litre: 'liter',
  litres: 'liters',
  millilitre: 'milliliter',
  millilitres: 'milliliters',
  neighbour: 'neighbor',
  neighbours: 'neighbors',
  labour: 'labor',
  catalogue: 'catalog',
  catalogues: 'catalogs',
  cancelled: 'canceled',
  labelled: 'labeled',
}
const british = new RegExp(`\\b(?:${Object.keys(american).join('|')})\\b`, 'g')
const inAnyCase = new RegExp(british.source, 'gi')

/** A point in a figure, and not in the number of a part: a unit follows, or another figure of the same unit, or it begins with 0. */
const point =
  /(?<![\w.,]|\w-)(?:0\.\d+(?![\w.-]*\w)|\d+\.\d+(?=(?: (?:–|to|of|and|or) [−±]?\d+(?:\.\d+)?)*(?: ?[°%]| (?:h|l|ml|mm|cm|m|in|in\.|kg|g|lb|oz|V|A|bar|kPa|psi|N·m|ft·lb|in·lb|turns?|times|litres|quarts|US|imp)(?!\w)))|(?<=level |reading )\d+\.\d+|\d+\.\d{2}(?= [A-Z]{3}(?!\w)))/gu

/**
 * What the server has written, as people in the shop's country write it; see `src/Exchange/FigureStyle.php`, whose
 * rules these are. It stays so when it is set once more.
 */
export function setFigures(text: string): string {
  const { decimalComma, customary } = figureStyle.value
  const inUnits = customary
    ? text
        .replace(quarts, '≈ $2 ($1)')
        .replace(celsius, (whole, degrees: string) => `${fahrenheit(degrees)} °F (${whole})`)
        .replace(british, (word) => american[word] ?? word)
    : customary === false
      ? text.replace(litres, '≈ $2 ($1)')
      : text
  return decimalComma ? inUnits.replace(point, (figure) => figure.replace('.', ',')) : inUnits
}

const fahrenheit = (degrees: string): string =>
  String(fahrenheitOf(Number(degrees.replace('−', '-')))).replace('-', '−')

/** In whole degrees. */
export function fahrenheitOf(celsius: number): number {
  return Math.round(celsius * 1.8 + 32)
}

/** In whole degrees. */
export function celsiusOf(degrees: number): number {
  return Math.round((degrees - 32) / 1.8)
}

/** Words of the program itself, with their capitals: `Labour`, but not the name of a boat. */
export function spelt(words: string): string {
  return figureStyle.value.customary === true
    ? words.replace(inAnyCase, (word) => {
        const other = american[word.toLowerCase()] ?? word
        return word === word.toLowerCase() ? other : other.charAt(0).toUpperCase() + other.slice(1)
      })
    : words
}

/** What stands between double braces: `vite.config.ts` passes everything shown through it. A figure may stand alone there. */
export function shown(value: unknown): unknown {
  if (typeof value === 'number') {
    return decimalShown(String(value))
  }
  if (typeof value !== 'string') {
    return value
  }
  if (/^[−+±-]?\d+\.\d+$/.test(value)) {
    return decimalShown(value)
  }
  // a word that stands alone is a label and no name
  return /^[A-Z][a-z]+$/.test(value) ? spelt(value) : setFigures(value)
}

/** A stored figure as it stands in a field: `611,4` where people write so. `decimalInput` reads it again. */
export function decimalShown(value: string): string {
  return figureStyle.value.decimalComma ? value.replace('.', ',') : value
}

/** Gives every screen of an app the `$shown` and the `$spelt` that its templates are compiled with. */
export function installFigures(app: App): void {
  app.config.globalProperties['$shown'] = shown
  app.config.globalProperties['$spelt'] = spelt
}

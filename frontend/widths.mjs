// Writes how wide the fields of forms are, from the description of the API: src/shared/api/widths.ts.
import { readFileSync, writeFileSync } from 'node:fs'
import { load } from 'js-yaml'

const { components } = load(readFileSync('../docs/api/openapi.yaml', 'utf8'))
const widths = {}
for (const [name, schema] of Object.entries(components.schemas)) {
  for (const [field, { maxLength }] of Object.entries(schema.properties ?? {})) {
    if (maxLength !== undefined) {
      widths[name] = { ...widths[name], [field]: maxLength }
    }
  }
}
const head = '// Made by `npm run types` from docs/api/openapi.yaml.\n/** The most characters of a field. */\n'
writeFileSync('src/shared/api/widths.ts', `${head}export const widths = ${JSON.stringify(widths, null, 2)} as const\n`)

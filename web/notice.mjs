// Writes down under which licence each part is that the front end ships: what its own code uses, and nothing of what builds it.
import { readFileSync, writeFileSync } from 'node:fs'

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8'))
const lines = []
/** What says so only in its documentation. */
const SAID = { 'combine-errors': 'MIT' }
for (const [folder, part] of Object.entries(lock.packages)) {
  if (folder === '' || part.dev || part.optional) continue
  const about = JSON.parse(readFileSync(`${folder}/package.json`, 'utf8'))
  const licence =
    typeof about.license === 'string' ? about.license : (about.license?.type ?? SAID[about.name])
  if (!licence) throw new Error(`${about.name} names no licence`)
  lines.push(`${about.name} ${about.version} - ${licence}`)
}
writeFileSync(process.argv[2], `${[...new Set(lines)].sort().join('\n')}\n`)

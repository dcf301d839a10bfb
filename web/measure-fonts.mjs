// Measures the letters of the fonts that pages ship with, for the core, which breaks lines as browsers do: how wide each is,
// and how much two beside each other are set closer or apart (kerning and ligatures), as HarfBuzz shapes them.
// Run by `npm run measure` whenever a font changes; what it writes is kept.
import { readFileSync, writeFileSync } from 'node:fs'
import * as hb from 'harfbuzzjs'
import woff2 from 'wawoff2'

const OUT = '../core/src/main/resources/app/blenner/core/typeset/'
const FACES = [
  ['regular', 'newsreader', 400],
  ['bold', 'newsreader', 700],
  ['italic', 'newsreader-italic', 400],
  ['bold-italic', 'newsreader-italic', 700],
]
// What the Latin subset of the fonts holds, by Unicode range; letters it lacks are left out below.
const RANGES = [
  [0x20, 0x7e],
  [0xa0, 0xff],
  [0x131, 0x131],
  [0x152, 0x153],
  [0x2002, 0x200a],
  [0x2010, 0x2026],
  [0x202f, 0x203a],
  [0x2044, 0x2044],
  [0x20ac, 0x20ac],
  [0x2122, 0x2122],
  [0x2212, 0x2212],
]

const letters = RANGES.flatMap(([from, to]) => Array.from({ length: to - from + 1 }, (_, i) => from + i))

for (const [name, file, weight] of FACES) {
  const data = await woff2.decompress(readFileSync(`public/fonts/${file}.woff2`))
  const bytes = new Uint8Array(data)
  const face = new hb.Face(new hb.Blob(bytes.buffer))
  const font = new hb.Font(face)
  font.setVariations([new hb.Variation('wght', weight)])
  // Much finer than any screen, so that rounding loses nothing.
  const upem = face.upem
  font.setScale(upem * 16, upem * 16)
  const shape = (text) => {
    const buffer = new hb.Buffer()
    buffer.addText(text)
    buffer.guessSegmentProperties()
    hb.shape(font, buffer)
    const infos = buffer.getGlyphInfos()
    const positions = buffer.getGlyphPositions()
    return {
      known: infos.every((g) => g.codepoint !== 0),
      width: positions.reduce((sum, p) => sum + p.xAdvance, 0),
    }
  }
  const widths = new Map()
  for (const c of letters) {
    const { known, width } = shape(String.fromCodePoint(c))
    if (known) widths.set(c, width)
  }
  const pairs = []
  for (const [a, wa] of widths)
    for (const [b, wb] of widths) {
      const between = shape(String.fromCodePoint(a, b)).width - wa - wb
      if (between) pairs.push(`${a.toString(36)} ${b.toString(36)} ${between}`)
    }
  // Three f in a ligature, or two and what follows, are wider or narrower than their pairs say.
  const triples = []
  const pair = new Map(pairs.map((p) => [p.slice(0, p.lastIndexOf(' ')), Number(p.slice(p.lastIndexOf(' ') + 1))]))
  const byPairs = (cs) =>
    cs.reduce(
      (sum, c, i) => sum + widths.get(c) + (i ? (pair.get(`${cs[i - 1].toString(36)} ${c.toString(36)}`) ?? 0) : 0),
      0,
    )
  for (const [c] of widths) {
    const cs = [0x66, 0x66, c]
    const between = shape(String.fromCodePoint(...cs)).width - byPairs(cs)
    if (between) triples.push(`${c.toString(36)} ${between}`)
  }
  writeFileSync(
    `${OUT}newsreader-${name}.txt`,
    [
      `# Newsreader, weight ${weight}: made by web/measure-fonts.mjs. An em; then each letter and its width; then pairs; then what stands behind ff.`,
      upem * 16,
      [...widths].map(([c, w]) => `${c.toString(36)} ${w}`).join(','),
      pairs.join(','),
      triples.join(','),
      '',
    ].join('\n'),
  )
  console.log(name, widths.size, 'letters', pairs.length, 'pairs', triples.length, 'behind ff')
}

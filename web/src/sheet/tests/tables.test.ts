import type { Node } from 'prosemirror-model'
import { type Command, EditorState, Selection } from 'prosemirror-state'
import { TableMap, tableEditing } from 'prosemirror-tables'
import { describe, expect, it } from 'vitest'
import * as c from '../commands/tables'
import { readHtml } from '../model/read'
import { schema } from '../model/schema'
import { writeHtml } from '../model/write'
import { tidyTables } from '../plugins/tables'

/** A table of words, its first row of headers. */
function tableOf(rows: string[][]): string {
  const cells = (row: string[], tag: string) => row.map((w) => `<${tag}>${w}</${tag.split(' ')[0]}>`).join('\n')
  const [head, ...body] = rows
  return `<table>\n<thead>\n<tr>\n${cells(head, 'th')}</tr>\n</thead>\n<tbody>\n${body
    .map((row) => `<tr>\n${cells(row, 'td')}</tr>`)
    .join('\n')}\n</tbody>\n</table>`
}

/** A state with the cursor in the cell that holds some words. */
function stateAt(html: string, words: string): EditorState {
  const state = EditorState.create({ doc: readHtml(html), plugins: [tidyTables, tableEditing()] })
  return inCell(state, words)
}

function inCell(state: EditorState, words: string): EditorState {
  let at = -1
  state.doc.descendants((node, pos) => {
    if (node.isText && node.text === words) at = pos
  })
  return state.apply(state.tr.setSelection(Selection.near(state.doc.resolve(at))))
}

function run(state: EditorState, command: Command): EditorState {
  let after = state
  command(state, (tr) => {
    after = state.apply(tr)
  })
  return after
}

/** The words of each row of the first table. */
function rowsOf(doc: Node): string[][] {
  const rows: string[][] = []
  doc.descendants((node) => {
    if (node.type === schema.nodes.table_row) rows.push(node.children.map((cell) => cell.textContent))
  })
  return rows
}

const planets = tableOf([
  ['Planet', 'Moons'],
  ['Mars', '2'],
  ['Saturn', '146'],
  ['Earth', '1'],
])

describe('rows and columns', () => {
  it('come before and after the one with the cursor', () => {
    const row = run(stateAt(planets, 'Mars'), c.rowAfter)
    expect(rowsOf(row.doc)[2]).toEqual(['', ''])
    const column = run(stateAt(planets, 'Moons'), c.columnBefore)
    expect(rowsOf(column.doc)[0]).toEqual(['Planet', '', 'Moons'])
  })

  it('change places, and no word is lost', () => {
    const down = run(stateAt(planets, 'Mars'), c.rowDown)
    expect(rowsOf(down.doc).map((r) => r[0])).toEqual(['Planet', 'Saturn', 'Mars', 'Earth'])
    const left = run(stateAt(planets, 'Moons'), c.columnLeft)
    expect(rowsOf(left.doc)[3]).toEqual(['1', 'Earth'])
  })

  it('stay where they are at the edge', () => {
    expect(c.rowDown(stateAt(planets, 'Earth'))).toBe(false)
    expect(c.columnLeft(stateAt(planets, 'Mars'))).toBe(false)
  })

  it('leaves one header row fewer where the header row goes', () => {
    const after = run(stateAt(planets, 'Planet'), c.deleteRow)
    expect(writeHtml(after.doc)).not.toContain('<thead>')
    expect(rowsOf(after.doc)[0]).toEqual(['Mars', '2'])
  })
})

describe('sorting', () => {
  it('sorts numbers as numbers and leaves the header row', () => {
    const up = run(stateAt(planets, '2'), c.sortByColumn(1))
    expect(rowsOf(up.doc).map((r) => r[1])).toEqual(['Moons', '1', '2', '146'])
    const down = run(stateAt(planets, '2'), c.sortByColumn(-1))
    expect(rowsOf(down.doc).map((r) => r[1])).toEqual(['Moons', '146', '2', '1'])
  })

  it('sorts words by the language, and empty cells last', () => {
    const words = tableOf([['Name'], ['Zoé'], [''], ['änne'], ['Anton']])
    const sorted = run(stateAt(words, 'Zoé'), c.sortByColumn(1))
    expect(rowsOf(sorted.doc).map((r) => r[0])).toEqual(['Name', 'änne', 'Anton', 'Zoé', ''])
  })

  it('gives the same order when it is sorted once more, whatever is in the cells', () => {
    const some = ['−3', '2.5', '1,200', '10 %', '9a', 'b', '€4', '', '-5', '0x', '12 km', 'Ä', 'z', '7', '3rd']
    for (let seed = 1; seed < 40; seed++) {
      const order = some.map((_, i) => some[(i * 7 + seed * 4) % some.length])
      const start = stateAt(tableOf([['Head'], ...order.map((w) => [w])]), 'Head')
      const once = run(start, c.sortByColumn(1))
      const twice = run(inCell(once, 'Head'), c.sortByColumn(1))
      expect(rowsOf(twice.doc)).toEqual(rowsOf(once.doc))
      expect(rowsOf(once.doc).flat().sort()).toEqual(['Head', ...order].sort())
    }
  })
})

describe('Tab', () => {
  it('goes from the caption to the last cell and then makes a row', () => {
    let state = stateAt(planets, 'Earth')
    state = run(run(state, c.tabInTable(1)), c.rowAfter)
    expect(rowsOf(state.doc).at(-1)).toEqual(['', ''])
    expect(rowsOf(run(state, c.tabInTable(-1)).doc)).toEqual(rowsOf(state.doc))
  })
})

describe('widths', () => {
  it('are made to add up to a hundred', () => {
    const state = run(stateAt(planets, 'Mars'), c.widthsByNumber([1, 2]))
    expect(c.widthsOf(state)).toEqual([33, 67])
    expect(writeHtml(state.doc)).toContain('<col style="width: 33%"><col style="width: 67%">')
  })
})

describe('header cells', () => {
  it('keep what cells span, how they stand and how wide they are', () => {
    const html = `<table>
<colgroup><col style="width: 40%"><col style="width: 60%"></colgroup>
<tbody>
<tr>
<td rowspan="2" class="align-right">Mars</td>
<td>a</td></tr>
<tr>
<td>b</td></tr>
</tbody>
</table>`
    const there = run(stateAt(html, 'a'), c.toggleHeaderColumn)
    expect(writeHtml(there.doc)).toContain('<th rowspan="2" scope="row" class="align-right">Mars</th>')
    expect(writeHtml(there.doc)).toContain('width: 40%')
    expect(writeHtml(run(there, c.toggleHeaderColumn).doc)).toBe(html)
  })
})

describe('any commands in any order', () => {
  const commands: Record<string, Command> = {
    rowBefore: c.rowBefore,
    rowAfter: c.rowAfter,
    deleteRow: c.deleteRow,
    columnBefore: c.columnBefore,
    columnAfter: c.columnAfter,
    deleteColumn: c.deleteColumn,
    mergeCells: c.mergeCells,
    splitCell: c.splitCell,
    rowUp: c.rowUp,
    rowDown: c.rowDown,
    columnLeft: c.columnLeft,
    columnRight: c.columnRight,
    headerRow: c.toggleHeaderRow,
    headerColumn: c.toggleHeaderColumn,
    sort: c.sortByColumn(1),
    widths: c.widthsByNumber([20, 30, 50]),
    tab: c.tabInTable(1),
  }
  const names = Object.keys(commands)
  const merged = `<table>
<thead>
<tr>
<th colspan="2">Planet</th>
<th>Moons</th></tr>
</thead>
<tbody>
<tr>
<td rowspan="2">Mars</td>
<td>a</td>
<td>2</td></tr>
<tr>
<td>b</td>
<td>146</td></tr>
</tbody>
</table>`

  it('leave a table that can be stored', () => {
    let seed = 20261201
    const next = (below: number) => {
      seed = (seed * 1103515245 + 12345) % 2147483648
      return Math.floor((seed / 2147483648) * below)
    }
    for (let round = 0; round < 60; round++) {
      let state = EditorState.create({
        doc: readHtml(round % 2 ? merged : planets),
        plugins: [tidyTables, tableEditing()],
      })
      const done: string[] = []
      for (let step = 0; step < 12; step++) {
        const name = names[next(names.length)]
        done.push(name)
        const $at = state.doc.resolve(next(state.doc.content.size))
        state = state.apply(state.tr.setSelection(Selection.near($at)))
        state = run(state, commands[name])
        const told = done.join(', ')
        state.doc.check()
        state.doc.descendants((node) => {
          if (node.type === schema.nodes.table) expect(TableMap.get(node).problems, told).toBeNull()
        })
        const html = writeHtml(state.doc)
        expect(writeHtml(readHtml(html)), told).toBe(html)
      }
    }
  })
})

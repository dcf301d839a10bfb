import type { Node } from 'prosemirror-model'
import type { NodeView, ViewMutationRecord } from 'prosemirror-view'
import { columnWidths } from '../base/grid'
import { isOutside } from './caption'

/** A table with its caption above it, as wide as it must be; it scrolls inside itself. */
export class TableBlockView implements NodeView {
  readonly dom = document.createElement('div')
  readonly contentDOM = document.createElement('div')

  constructor(private node: Node) {
    this.dom.className = 'table-block'
    this.dom.append(this.contentDOM)
    this.show()
  }

  private show() {
    const { borders, padding, side } = this.node.attrs
    this.contentDOM.className = ['table-look', borders, padding, side].filter(Boolean).join(' ')
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.show()
    return true
  }

  ignoreMutation(m: ViewMutationRecord): boolean {
    return isOutside(this.contentDOM, m)
  }
}

/** The cells, with the widths of their columns. */
export class GridView implements NodeView {
  readonly dom = document.createElement('div')
  readonly contentDOM = document.createElement('tbody')
  private readonly columns = document.createElement('colgroup')

  constructor(private node: Node) {
    this.dom.className = 'table-scroll'
    const table = document.createElement('table')
    table.append(this.columns, this.contentDOM)
    this.dom.append(table)
    this.show()
  }

  private show() {
    const widths = columnWidths(this.node)
    const count = widths.length || (this.node.firstChild?.children.reduce((n, c) => n + c.attrs.colspan, 0) ?? 0)
    while (this.columns.children.length > count) this.columns.lastElementChild?.remove()
    while (this.columns.children.length < count) this.columns.append(document.createElement('col'))
    for (let i = 0; i < count; i++) {
      const width = widths[i] ? `${widths[i]}%` : ''
      const col = this.columns.children[i] as HTMLElement
      if (col.style.width !== width) col.style.width = width
    }
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.show()
    return true
  }

  ignoreMutation(m: ViewMutationRecord): boolean {
    return isOutside(this.contentDOM, m)
  }
}

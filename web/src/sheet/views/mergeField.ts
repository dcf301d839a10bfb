import type { Node } from 'prosemirror-model'
import type { NodeView } from 'prosemirror-view'
import type { SheetHost } from '../base/host'

/** A placeholder as a chip that shows what it is filled with. */
export class MergeFieldView implements NodeView {
  readonly dom = document.createElement('span')
  private readonly end: () => void

  constructor(
    private node: Node,
    private readonly host: SheetHost,
  ) {
    this.dom.className = 'merge-field'
    this.show()
    this.end = host.followFields(() => this.show())
  }

  private show() {
    const { name } = this.node.attrs
    const field = this.host.fieldNamed(name)
    const unknown = !field && this.host.knowsFields
    this.dom.classList.toggle('is-unknown', unknown)
    this.dom.textContent = field
      ? field.value || field.label
      : unknown
        ? `No merge field “${name}”`
        : this.node.attrs.words
    this.dom.title = field ? `Merge field: ${field.label}` : unknown ? 'Readers see nothing here' : ''
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.show()
    return true
  }

  destroy() {
    this.end()
  }
}

import type { Node, NodeSpec } from 'prosemirror-model'
import type { Reading } from './spec'

/** The schema of a figure in which one writes its caption. */
export function captioned(attrs: NodeSpec['attrs']): NodeSpec {
  return {
    group: 'block',
    content: 'inline*',
    isolating: true,
    draggable: true,
    attrs,
    toDOM: () => ['figure', ['figcaption', 0]],
  }
}

/** The caption of a figure, or null. */
export function captionOf(figure: Element): Element | null {
  return figure.querySelector(':scope > figcaption')
}

/** The running text of a figure's caption. */
export function captionText(figure: Element, { inlines }: Reading): Node[] {
  return inlines(captionOf(figure)?.childNodes ?? [])
}

/** The element of a caption, or nothing where there are no words. */
export function figcaption(words: string): string {
  return words ? `<figcaption>${words}</figcaption>` : ''
}

/** One declaration of an element's style, as it is written there. */
export function styleOf(element: Element, property: string): string {
  const style = element.getAttribute('style') ?? ''
  return style.match(new RegExp(`(?:^|; )${property}: ([^;]+)`))?.[1] ?? ''
}

import { useState } from 'react'
import { useSite } from '../../shared/api/queries'
import { TextButton } from '../../shared/ui/Button'
import { Combobox } from '../../shared/ui/Combobox'
import { Input, Select } from '../../shared/ui/Field'
import { SectionOptions } from '../../shared/ui/SectionOptions'
import type { ItemRef } from '../base/refs'
import { useItems } from '../links/targets'
import type { PanelProps } from './props'

/** Which items a list shows: the latest, or some picked by hand. */
export function ItemListForm({ node, set }: PanelProps) {
  const site = useSite()
  const { title, section, topic, count, items } = node.attrs
  const sections = site.data?.sections ?? []
  // Topics of all sections, where the list is of no one section.
  const topics = sections.filter((s) => !section || s.slug === section).flatMap((s) => s.topics)
  const known = [...new Map(topics.map((t) => [t.slug, t])).values()]
  return (
    <>
      <div className="grid grid-cols-2 gap-4">
        <Input label="Words above it" value={title} onChange={(e) => set({ title: e.target.value })} />
        <Select
          label="What it shows"
          value={items ? 'picked' : 'latest'}
          onChange={(e) => set({ items: e.target.value === 'picked' ? [] : null })}
        >
          <option value="latest">The latest items</option>
          <option value="picked">Items picked by hand</option>
        </Select>
      </div>
      {items ? (
        <References items={items} set={(next) => set({ items: next })} />
      ) : (
        <div className="grid grid-cols-3 gap-4">
          <Select label="Section" value={section} onChange={(e) => set({ section: e.target.value, topic: '' })}>
            <option value="">All sections</option>
            <SectionOptions sections={sections} />
          </Select>
          <Select label="Topic" value={topic} onChange={(e) => set({ topic: e.target.value })}>
            <option value="">All topics</option>
            {known.map((t) => (
              <option key={t.slug} value={t.slug}>
                {t.name}
              </option>
            ))}
            {topic && !known.some((t) => t.slug === topic) && <option value={topic}>{topic} (no longer there)</option>}
          </Select>
          <Input
            label="How many"
            type="number"
            min={1}
            max={50}
            value={count}
            onChange={(e) => {
              const n = e.target.valueAsNumber
              if (n >= 1 && n <= 50) set({ count: Math.floor(n) })
            }}
          />
        </div>
      )}
    </>
  )
}

export function RelatedForm({ node, set }: PanelProps) {
  return (
    <>
      <Input label="Words above them" value={node.attrs.title} onChange={(e) => set({ title: e.target.value })} />
      <References items={node.attrs.items} set={(items) => set({ items })} />
    </>
  )
}

/** Items in their order: added by a few letters of a title, moved, taken off. */
function References({ items, set }: { items: ItemRef[]; set: (items: ItemRef[]) => void }) {
  const [words, setWords] = useState('')
  const found = useItems(words)
  const move = (from: number, to: number) => {
    const next = [...items]
    next.splice(to, 0, ...next.splice(from, 1))
    set(next)
  }
  return (
    <>
      {items.length > 0 && (
        <ol aria-label="Picked items" className="grid gap-1">
          {items.map((item, i) => (
            <li key={item.href} className="flex items-center gap-3">
              <span className="min-w-0 flex-1 truncate">{item.label}</span>
              {i > 0 && (
                <TextButton aria-label={`Move ${item.label} up`} onClick={() => move(i, i - 1)}>
                  Up
                </TextButton>
              )}
              {i + 1 < items.length && (
                <TextButton aria-label={`Move ${item.label} down`} onClick={() => move(i, i + 1)}>
                  Down
                </TextButton>
              )}
              <TextButton aria-label={`Take off ${item.label}`} onClick={() => set(items.filter((x) => x !== item))}>
                Take off
              </TextButton>
            </li>
          ))}
        </ol>
      )}
      <Combobox
        label="Add an item"
        hint="A few letters of its title. Readers see it once it is live."
        value={words}
        onChange={setWords}
        choices={(words.length > 1 ? (found.data?.rows ?? []) : []).map((r) => ({
          id: r.key,
          label: r.title || 'Untitled',
          about: r.stage === 'LIVE' ? r.kindLabel : `${r.kindLabel}, not live`,
        }))}
        onPick={(c) => {
          const href = `../items/${c.id}.html`
          if (!items.some((i) => i.href === href)) set([...items, { href, label: c.label }])
          setWords('')
        }}
      />
    </>
  )
}

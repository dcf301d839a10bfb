import { useState } from 'react'
import { useAssets } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Combobox } from '../../../ui/Combobox'
import { Dialog } from '../../../ui/Dialog'
import { FieldFrame, fieldBox, Input, Select } from '../../../ui/Field'
import { PictureChoice } from '../../../ui/PictureChoice'
import { useSheet } from '../../context'
import { useAsked } from '../../useAsked'
import { addressOf, judgeAddress, useLinkChoices } from '../targets'
import type { PanelProps } from './BlockPanel'

export const widthForm = /^(|[1-9]\d{0,1}%|100%|[1-9]\d{1,3}px)$/

/** What a picture says, where it stands, how wide it is, where it leads. */
export function PictureForm({ node, set }: PanelProps) {
  const { alt, credit, side, link } = node.attrs
  const field = useAsked<HTMLInputElement>('alternative')
  const [replacing, setReplacing] = useState(false)
  const sheet = useSheet()
  const assets = useAssets()
  return (
    <>
      <div className="grid gap-x-4 gap-y-2 sm:grid-cols-[1fr_auto]">
        <Input
          ref={field}
          label="Alternative text"
          hint={
            alt === ''
              ? 'Decorative: screen readers pass it over.'
              : 'What somebody who cannot see it should hear instead.'
          }
          value={alt ?? ''}
          onChange={(e) => set({ alt: e.target.value || null })}
        />
        <label className="flex items-center gap-2 sm:mt-6 sm:self-start">
          <input type="checkbox" checked={alt === ''} onChange={(e) => set({ alt: e.target.checked ? '' : null })} />
          Decorative
        </label>
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        <Select label="Place" value={side} onChange={(e) => set({ side: e.target.value })}>
          <option value="">In the text</option>
          <option value="left">Left, text beside it</option>
          <option value="centre">Centre</option>
          <option value="right">Right, text beside it</option>
          <option value="wide">The whole measure</option>
        </Select>
        <WidthField value={node.attrs.width} set={(width) => set({ width })} />
        <Input label="Credit" value={credit} onChange={(e) => set({ credit: e.target.value })} />
        <div className="flex items-end">
          <Button onClick={() => setReplacing(true)}>Replace</Button>
        </div>
      </div>
      <PictureLink link={link} set={set} />
      {replacing && (
        <Dialog
          open
          wide
          onClose={() => setReplacing(false)}
          title="Replace the picture"
          about="Its place, width, caption and link stay."
        >
          <PictureChoice
            assets={assets.data}
            picked={node.attrs.src.replace('../assets/', '')}
            onPick={(a) => {
              set({ src: `../assets/${a.name}`, alt: a.alternative || null, credit: a.credit })
              setReplacing(false)
              setTimeout(() => sheet.view?.focus())
            }}
          />
        </Dialog>
      )}
    </>
  )
}

/** A width that is taken once it makes sense. */
export function WidthField({ value, set }: { value: string; set: (width: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? value
  const tidy = shown.trim().replace(/\s+/g, '')
  const wrong = widthForm.test(tidy) ? '' : 'As 40% or 280px.'
  return (
    <FieldFrame label="Width" problem={typed === null ? '' : wrong}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          value={shown}
          placeholder="its own"
          onChange={(e) => {
            setTyped(e.target.value)
            const next = e.target.value.trim().replace(/\s+/g, '')
            if (widthForm.test(next)) set(next)
          }}
          onBlur={() => setTyped(null)}
          className={`${fieldBox} h-8`}
        />
      )}
    </FieldFrame>
  )
}

interface LinkOf {
  href: string
  title: string
  newTab: boolean
}

/** Where a picture leads when it is pressed. */
function PictureLink({ link, set }: { link: LinkOf | null; set: PanelProps['set'] }) {
  const sheet = useSheet()
  const [given, setGiven] = useState(link?.href ?? '')
  const [problem, setProblem] = useState('')
  const choices = useLinkChoices(given === link?.href ? '' : given, sheet.state.doc)

  async function take(href: string) {
    setProblem('')
    if (!href.trim()) return set({ link: null })
    const judged = await judgeAddress(href)
    if (judged.problem) return setProblem(judged.problem)
    set({ link: { href: judged.address, title: link?.title ?? '', newTab: link?.newTab ?? false } })
  }

  return (
    <fieldset
      className="grid grid-cols-[1fr_auto] items-start gap-4"
      onBlur={(e) => !e.currentTarget.contains(e.relatedTarget) && take(given)}
    >
      <Combobox
        label="Link"
        hint="Where a press on the picture leads; can stay empty."
        problem={problem}
        value={given}
        onChange={setGiven}
        choices={choices}
        onPick={async (choice) => {
          const href = await addressOf(choice, sheet)
          setGiven(href)
          take(href)
        }}
      />
      <label className="mt-6 flex items-center gap-2">
        <input
          type="checkbox"
          disabled={!link}
          checked={link?.newTab ?? false}
          onChange={(e) => link && set({ link: { ...link, newTab: e.target.checked } })}
        />
        New tab
      </label>
    </fieldset>
  )
}

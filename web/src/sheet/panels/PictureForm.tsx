import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { Combobox } from '../../shared/ui/Combobox'
import { Dialog } from '../../shared/ui/Dialog'
import { Input, Select } from '../../shared/ui/Field'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { hostOf, undecided } from '../base/elsewhere'
import type { LinkAttrs } from '../base/refs'
import { addressOf, judgeAddress, useLinkChoices } from '../links/targets'
import type { PanelProps } from './props'
import { WidthField } from './WidthField'

/** What a picture says, where it stands, how wide it is, where it leads. */
export function PictureForm({ node, set, host }: PanelProps) {
  const { alt, credit, side, link, pending } = node.attrs
  const field = useAsked<HTMLInputElement>('alternative')
  const [replacing, setReplacing] = useState(false)
  return (
    <>
      {pending && <Waiting src={node.attrs.src} host={host} />}
      <div className="grid gap-x-4 gap-y-2 @md:grid-cols-[1fr_auto]">
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
        <label className="flex items-center gap-2 @md:mt-6 @md:self-start">
          <input type="checkbox" checked={alt === ''} onChange={(e) => set({ alt: e.target.checked ? '' : null })} />
          Decorative
        </label>
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 @md:grid-cols-4">
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
      {node.attrs.src.startsWith('../assets/') && <Advice node={node} set={set} />}
      <PictureLink link={link} set={set} host={host} />
      {replacing && (
        <Dialog
          open
          wide
          onClose={() => setReplacing(false)}
          title="Replace the picture"
          about="Its place, width, caption and link stay."
        >
          <PictureChoice
            picked={node.attrs.src.replace('../assets/', '')}
            onPick={(a) => {
              set({ src: `../assets/${a.name}`, alt: a.alternative || null, credit: a.credit, pending: false })
              setReplacing(false)
            }}
          />
        </Dialog>
      )}
    </>
  )
}

/** What could be better about the picture where it stands, each with what helps. */
function Advice({ node, set }: Pick<PanelProps, 'node' | 'set'>) {
  const { src, width, side } = node.attrs
  const name = src.replace('../assets/', '')
  const advice = useQuery({
    queryKey: ['assets', 'advice', name, width, side],
    queryFn: () =>
      answer(client.GET('/editor/api/assets/{name}/advice', { params: { path: { name }, query: { width, side } } })),
    placeholderData: keepPreviousData,
  })
  if (!advice.data?.length) return null
  return (
    <ul aria-label="Advice on the picture" className="grid gap-1.5 border-line border-l-2 pl-2">
      {advice.data.map((a) => (
        <li key={a.says} className="grid gap-0.5">
          <span>{a.says}</span>
          <span className="text-soft">{a.remedy}</span>
          {a.width && (
            <span>
              <Button look="quiet" onClick={() => set({ width: a.width })}>
                Show it {a.width} wide
              </Button>
            </span>
          )}
        </li>
      ))}
    </ul>
  )
}

/** What can be done about a picture of another site that nobody has decided about. */
function Waiting({ src, host }: { src: string } & Pick<PanelProps, 'host'>) {
  const asked = useAsked<HTMLButtonElement>('elsewhere')
  const all = undecided(host.doc())
  return (
    <div className="grid gap-2">
      <p>
        It lies on {hostOf(src)} and is not loaded from there: that site would learn who reads this. Readers get a link
        to it until you decide.
      </p>
      <p className="flex flex-wrap gap-2">
        <Button ref={asked} look="main" onClick={() => host.takeIn([src])}>
          Take it into Assets
        </Button>
        <Button onClick={() => host.keepThere([src])}>Keep it there</Button>
        {all.length > 1 && <Button onClick={() => host.takeIn(all)}>Take all {all.length} into Assets</Button>}
      </p>
    </div>
  )
}

/** Where a picture leads when it is pressed. */
function PictureLink({ link, set, host }: { link: LinkAttrs | null } & Pick<PanelProps, 'set' | 'host'>) {
  const [given, setGiven] = useState(link?.href ?? '')
  const [problem, setProblem] = useState('')
  const choices = useLinkChoices(given === link?.href ? '' : given, host.doc())

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
          const href = await addressOf(choice, host)
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

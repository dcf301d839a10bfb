import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { NotYet, useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Input, Select } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { languageName, languages } from '../../shared/ui/languages'
import { markValue, setValue } from '../commands/marks'
import { offerOf } from '../plugins/toolset'
import { useSheet } from '../state/context'

/** The meaning of an abbreviation, or the language of a phrase. */
export function ValueDialog({ kind, onClose }: { kind: 'abbreviation' | 'language'; onClose: () => void }) {
  const sheet = useSheet()
  const [start] = useState(() => markValue(sheet.state, kind))
  const form = useForm(`word-${kind}:${openText()?.key}`, {
    stored: { value: start ?? '' },
    send: (typed) => finish(language ? canonicalTag(typed.value.trim()) : typed.value.trim()),
    done: onClose,
  })
  const { value } = form.value
  const language = kind === 'language'
  const tag = value.trim()
  const wrong = language && tag && !canonicalTag(tag) ? 'A language tag looks like cy, de-AT or zh-Hant.' : ''

  function finish(next: string | null) {
    sheet.run(setValue(kind, next))
  }

  return (
    <FormDialog
      title={language ? 'Language of the phrase' : 'Abbreviation'}
      about={
        language
          ? 'Screen readers pronounce it by this, and hyphenation follows it.'
          : 'Readers who point at it, and screen readers, learn what it stands for.'
      }
      does="Set it"
      blocked={tag ? wrong : language ? 'Choose a language first.' : 'Say what it stands for first.'}
      form={form}
      onClose={onClose}
      more={
        start !== null ? (
          <Button
            look="quiet"
            className="mr-auto"
            onClick={() => {
              finish(null)
              form.drop()
              onClose()
            }}
          >
            Take it off
          </Button>
        ) : undefined
      }
    >
      <Input
        label={language ? 'Language tag' : 'Meaning'}
        hint={language ? 'As BCP 47 has it: cy for Welsh, de for German, la for Latin.' : 'The words it stands for.'}
        value={value}
        list={language ? 'languages' : undefined}
        onChange={(e) => form.set({ value: e.target.value })}
        problem={wrong}
        autoFocus
      />
      {language && (
        <datalist id="languages">
          {languages.map((t) => (
            <option key={t} value={t}>
              {languageName(t)}
            </option>
          ))}
        </datalist>
      )}
    </FormDialog>
  )
}

function canonicalTag(tag: string): string {
  try {
    return Intl.getCanonicalLocales(tag)[0] ?? ''
  } catch {
    return ''
  }
}

const grounds: Record<string, string> = { colour: '#ffffff', highlight: '#1c2233' }

/** Colour, highlight, font, size and named style of the selected words. */
export function TypeDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const { writing } = sheet
  const [start] = useState(() =>
    Object.fromEntries(['colour', 'highlight', 'font', 'size', 'style'].map((n) => [n, markValue(sheet.state, n)])),
  )
  const form = useForm(`type:${openText()?.key}`, {
    stored: start,
    send: async (typed) => {
      for (const name of Object.keys(typed)) {
        if (typed[name] === start[name]) continue
        const colour = typed[name] && (name === 'colour' || name === 'highlight')
        const value = colour ? (await judge(typed[name] as string, '#ffffff')).colour : typed[name]
        if (colour && !value) {
          setUnusable(typed[name] as string)
          throw new NotYet()
        }
        sheet.apply(setValue(name, value))
      }
    },
    done: onClose,
  })
  const now = form.value
  const text = now.colour || '#1c2233'
  const ground = now.highlight === '' ? '#f3e2a9' : now.highlight || '#ffffff'
  const contrast = useContrast(text, ground)
  const [unusable, setUnusable] = useState('')
  const wrong =
    contrast.data && !contrast.data.colour ? contrast.data.sentence : unusable ? `“${unusable}” is not a colour.` : ''
  const set = (name: string) => (value: string | null) => {
    setUnusable('')
    form.set({ [name]: value })
  }

  return (
    <FormDialog
      title="Colour and type"
      about="A named style changes everywhere at once when the house style does; a colour set by hand does not."
      wide
      does="Set it"
      blocked={wrong}
      form={form}
      onClose={onClose}
    >
      <div className="grid gap-5 sm:grid-cols-2">
        <ColourField label="Text colour" value={now.colour} set={set('colour')} none="The text’s own" />
        <ColourField label="Highlight" value={now.highlight} set={set('highlight')} none="None" own="The site’s own" />
      </div>
      <div role="status" className="flex items-center gap-4 border border-line bg-sheet p-3">
        <span
          className="article shrink-0 px-2 py-1"
          style={{ color: text, backgroundColor: ground, font: '1.1875rem Newsreader' }}
        >
          A clear night
        </span>
        <p
          className={cx(
            contrast.data?.level === 'FAILED' && 'text-rust',
            contrast.data?.level === 'PASSED' && 'text-moss',
          )}
        >
          {contrast.data?.level === 'PASSED' ? '✓ ' : contrast.data ? '▲ ' : ''}
          {contrast.data?.sentence ?? 'Measuring …'}
        </p>
      </div>
      <div className="grid gap-4 sm:grid-cols-3">
        <Select label="Named style" value={now.style ?? ''} onChange={(e) => set('style')(e.target.value || null)}>
          <option value="">None</option>
          {writing.styles.map((s) => (
            <option key={s.name} value={s.name}>
              {s.label}
            </option>
          ))}
        </Select>
        <Select label="Font" value={now.font ?? ''} onChange={(e) => set('font')(e.target.value || null)}>
          <option value="">The text’s own</option>
          {known(
            writing.fonts.map((f) => `'${f}'`),
            now.font,
          ).map((f) => (
            <option key={f} value={f}>
              {f.replaceAll("'", '')}
            </option>
          ))}
        </Select>
        <Select label="Size" value={now.size ?? ''} onChange={(e) => set('size')(e.target.value || null)}>
          <option value="">The text’s own</option>
          {known(writing.sizes, now.size).map((s) => (
            <option key={s}>{s}</option>
          ))}
        </Select>
      </div>
    </FormDialog>
  )
}

function known(list: string[], value: string | null): string[] {
  return value && !list.includes(value) ? [...list, value] : list
}

function judge(text: string, ground: string) {
  return answer(client.GET('/editor/api/writing/contrast', { params: { query: { text, ground } } }))
}

function useContrast(text: string, ground: string) {
  return useQuery({
    queryKey: ['contrast', text, ground],
    queryFn: () => judge(text, ground),
    placeholderData: (before) => before,
  })
}

interface ColourProps {
  label: string
  value: string | null
  set: (value: string | null) => void
  none: string
  own?: string
}

/** The site's palette, any other colour, and how much of it shows. */
function ColourField({ label, value, set, none, own }: ColourProps) {
  const sheet = useSheet()
  const opaque = value?.slice(0, 7) || grounds[own ? 'colour' : 'highlight']
  const alpha = value?.length === 9 ? Math.round(Number.parseInt(value.slice(7), 16) / 2.55) : 100
  const withAlpha = (base: string, percent: number) =>
    percent >= 100
      ? base
      : `${base}${Math.round(percent * 2.55)
          .toString(16)
          .padStart(2, '0')}`
  const swatch =
    'size-7 rounded-3 border border-edge aria-pressed:ring-2 aria-pressed:ring-petrol aria-pressed:ring-offset-1'
  return (
    <fieldset className="grid content-start gap-2">
      <legend className="font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        <Button look={value === null ? 'main' : 'plain'} aria-pressed={value === null} onClick={() => set(null)}>
          {none}
        </Button>
        {own && (
          <Button look={value === '' ? 'main' : 'plain'} aria-pressed={value === ''} onClick={() => set('')}>
            {own}
          </Button>
        )}
        {sheet.writing.palette.map((c) => (
          <button
            key={c.value}
            type="button"
            aria-label={c.name}
            title={c.name}
            aria-pressed={value === c.value}
            onClick={() => set(c.value)}
            style={{ backgroundColor: c.value }}
            className={swatch}
          />
        ))}
      </div>
      {!offerOf(sheet.state).toolset?.only.colours && (
        <>
          <div className="grid grid-cols-[1fr_auto] items-end gap-3">
            <Input
              label={`${label}, as a code`}
              hint="#1c2233, rgb(28, 34, 51), or a basic colour word"
              value={value ?? ''}
              placeholder="none"
              onChange={(e) => set(e.target.value || null)}
            />
            <input
              type="color"
              aria-label={`${label}, picked`}
              value={/^#[0-9a-f]{6}$/i.test(opaque) ? opaque : '#000000'}
              onChange={(e) => set(withAlpha(e.target.value, alpha))}
              className="mb-5 h-8 w-10 rounded-3 border border-edge bg-sheet"
            />
          </div>
          <label className="flex items-center gap-2">
            Opacity
            <input
              type="range"
              min={10}
              max={100}
              step={5}
              value={alpha}
              disabled={!value || !/^#[0-9a-f]{6}([0-9a-f]{2})?$/i.test(value)}
              onChange={(e) => set(withAlpha(opaque, Number(e.target.value)))}
              className="flex-1"
            />
            {alpha} %
          </label>
        </>
      )}
    </fieldset>
  )
}

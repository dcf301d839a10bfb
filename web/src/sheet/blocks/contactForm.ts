import type { Attrs } from 'prosemirror-model'
import { escapeText } from '../base/html'
import type { FormField } from '../base/refs'
import { ContactFormPanel } from '../panels/ContactFormPanel'
import { boxView, element } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

const inputs: Record<string, string> = {
  name: 'type="text" name="$" autocomplete="name"',
  email: 'type="email" name="$" autocomplete="email"',
  phone: 'type="tel" name="$" autocomplete="tel"',
  line: 'type="text" name="$"',
  agreement: 'type="checkbox" name="$"',
}

function control(field: FormField, name: string): string {
  const required = field.required ? ' required=""' : ''
  if (field.kind === 'message') return `<textarea name="${name}"${required}></textarea>`
  if (field.kind === 'choice') {
    const choices = field.choices.map((c) => `<option>${escapeText(c)}</option>`).join('')
    return `<select name="${name}"${required}><option value=""></option>${choices}</select>`
  }
  return `<input ${inputs[field.kind].replace('$', name)}${required}>`
}

function write(attrs: Attrs): string {
  const lines = (attrs.fields as FormField[]).map(
    (field, i) => `<p><label>${escapeText(field.label)} ${control(field, `${field.kind}-${i + 1}`)}</label></p>\n`,
  )
  const button = `<p><button>${escapeText(attrs.button)}</button></p>`
  return `<form class="contact-form" method="post">\n${lines.join('')}${button}\n</form>`
}

/** What a new contact form asks. */
const questions: FormField[] = [
  { kind: 'name', label: 'Your name', required: true, choices: [] },
  { kind: 'email', label: 'Mail address', required: true, choices: [] },
  { kind: 'message', label: 'Your message', required: true, choices: [] },
]

export const contactForm: BlockSpec = {
  name: 'Contact form',
  words: (node) => node.attrs.button,
  sign: 'M1 3h12v8H1zM1 3l6 5 6-5',
  schema: box({ fields: {}, button: {} }),
  tags: ['form'],
  read: (form, { schema }) => {
    const fields: FormField[] = [...form.querySelectorAll('label')].map((label) => {
      const input = label.querySelector('input, textarea, select')
      return {
        kind: input?.getAttribute('name')?.replace(/-\d+$/, '') ?? 'line',
        label: (label.firstChild?.textContent ?? '').replace(/ $/, ''),
        required: input?.hasAttribute('required') ?? false,
        choices: [...label.querySelectorAll('option:not([value])')].map((o) => o.textContent ?? ''),
      }
    })
    return schema.node('contact_form', { fields, button: form.querySelector('button')?.textContent ?? '' })
  },
  write: ({ attrs }) => write(attrs),
  view: boxView((attrs) => {
    const form = new DOMParser().parseFromString(write(attrs), 'text/html').querySelector('form')
    const shown = element('div', '', 'contact-form')
    shown.inert = true
    shown.append(...(form?.children ?? []))
    return [shown]
  }),
  panel: ContactFormPanel,
  whole: true,
  inserts: [
    {
      id: 'contact-form',
      name: 'Contact form',
      about: 'Questions; answers arrive in the inbox',
      family: 'site',
      words: 'message questions',
      make: (schema) => schema.node('contact_form', { fields: questions, button: 'Send' }),
    },
  ],
}

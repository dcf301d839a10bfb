import type { FieldType, ItemKind, OwnField } from '../../shared/api/types'

/** What people call the types of field. */
export const typeNames: Record<FieldType, string> = {
  LINE: 'One line',
  LINES: 'Several lines',
  RICH_TEXT: 'Formatted text',
  PICTURE: 'Picture',
  PICTURES: 'Pictures',
  LINK: 'Link',
  NUMBER: 'Number',
  DATE: 'Date',
  TIME: 'Time of day',
  YES_NO: 'Yes or no',
  CHOICE: 'One choice',
  CHOICES: 'Several choices',
  NAMES: 'Names',
  ITEMS: 'Other items',
  FACTS: 'Facts',
  FILES: 'Files',
  SIDE: 'Side column',
}

/** The types a kind can have fields of; the side column is every item’s own. */
export const typesOfKinds = (Object.keys(typeNames) as FieldType[]).filter((type) => type !== 'SIDE')

/** Where readers see a field. */
export const placeNames: Record<OwnField['place'], string> = {
  BEFORE: 'Before the text',
  BEHIND: 'Behind the text',
  NOWHERE: 'Not at all',
}

/** What can be set of a type besides what every field has. */
export const settingsOf: Partial<Record<FieldType, ('unit' | 'least' | 'most' | 'choices')[]>> = {
  LINE: ['most'],
  LINES: ['most'],
  NUMBER: ['unit', 'least', 'most'],
  PICTURES: ['most'],
  NAMES: ['most'],
  ITEMS: ['most'],
  FACTS: ['most'],
  FILES: ['most'],
  CHOICE: ['choices'],
  CHOICES: ['choices'],
}

export const settingNames = { unit: 'What it counts', least: 'At least', most: 'At most' } as const

/** What a setting means, where its name does not say. */
export const settingHints: Partial<Record<FieldType, Partial<Record<keyof typeof settingNames, string>>>> = {
  LINE: { most: 'In characters; 300 where nothing is said.' },
  LINES: { most: 'In characters; 8000 where nothing is said.' },
  NUMBER: { unit: 'Stands behind the number, as “km”. May be empty.', least: 'May be empty.', most: 'May be empty.' },
  PICTURES: { most: 'How many; 50 where nothing is said.' },
  NAMES: { most: 'How many; 50 where nothing is said.' },
  ITEMS: { most: 'How many; 50 where nothing is said.' },
  FACTS: { most: 'How many; 50 where nothing is said.' },
  FILES: { most: 'How many; 50 where nothing is said.' },
}

/** A short name for what somebody called something, that none of the others has. */
export function shortName(label: string, taken: string[]): string {
  const plain = label
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[-0-9]+|-+$/g, '')
    .slice(0, 34)
    .replace(/-+$/, '')
  const name = plain || 'field'
  if (!taken.includes(name)) return name
  for (let n = 2; ; n++) if (!taken.includes(`${name}-${n}`)) return `${name}-${n}`
}

export const newField: OwnField = {
  name: '',
  type: 'LINE',
  label: '',
  help: '',
  required: false,
  place: 'BEHIND',
  unit: '',
  least: '',
  most: '',
  choices: [],
}

export const newKind: ItemKind = {
  name: '',
  label: '',
  plural: '',
  help: '',
  news: true,
  unfolds: false,
  summaryLimit: 250,
  cards: [],
}

/** The kind with short names where there are none yet. */
export function named(kind: ItemKind, kinds: string[]): ItemKind {
  const taken = kind.cards.flatMap((c) => c.fields.map((f) => f.name)).filter(Boolean)
  return {
    ...kind,
    name: kind.name || shortName(kind.label, kinds),
    cards: kind.cards.map((card) => ({
      ...card,
      fields: card.fields.map((field) => {
        if (field.name) return field
        const name = shortName(field.label, taken)
        taken.push(name)
        return { ...field, name }
      }),
    })),
  }
}

/** What a link says: of words, of a picture, of a button. */
export interface LinkAttrs {
  href: string
  title: string
  newTab: boolean
}

/** Another item, as a block that lists items names it. */
export interface ItemRef {
  href: string
  label: string
}

/** One question of a contact form. */
export interface FormField {
  kind: string
  label: string
  required: boolean
  choices: string[]
}

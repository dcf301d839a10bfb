import { describe, expect, it } from 'vitest'

/** Every part of the screen, as it is written. */
const parts = import.meta.glob('/src/**/*.tsx', { query: '?raw', import: 'default', eager: true }) as Record<
  string,
  string
>

/** Forms that have nothing to lose, or must not keep it. */
const apart: Record<string, string> = {
  '/src/shared/ui/SignInForm.tsx': 'a password',
  '/src/app/FirstAccount.tsx': 'a password',
  '/src/app/SetPassword.tsx': 'a password',
  '/src/shared/ui/FormDialog.tsx': 'takes a form that was begun by useForm',
  '/src/sheet/dialogs/TidyDialog.tsx': 'nothing is typed; what is found is ticked',
  '/src/setup/WholeSite.tsx': 'a file',
  '/src/importing/ImportDialog.tsx': 'files, and what becomes of them',
}

describe('the forms of the editor', () => {
  it('keep what is typed: each is begun by useForm', () => {
    const forms = Object.keys(parts).filter((file) => /<form[\s>]/.test(parts[file]) && !file.includes('.test.'))
    expect(forms.length).toBeGreaterThan(10)
    expect(forms.filter((file) => !parts[file].includes('useForm(') && !apart[file])).toEqual([])
  })
})

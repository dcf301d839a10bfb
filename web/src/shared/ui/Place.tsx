import type { ReactNode } from 'react'

/** A screen with a title, a sentence on what it is for, and its content below. */
export function Place({ title, about, children }: { title: string; about: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <main className="h-full overflow-auto -outline-offset-2" tabIndex={0}>
      <div className="mx-auto max-w-5xl px-6 py-6">
        <h1 className="font-semibold font-serif text-title">{title}</h1>
        <p className="mb-5 text-soft">{about}</p>
        {children}
      </div>
    </main>
  )
}

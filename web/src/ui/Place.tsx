import type { ReactNode } from 'react'

/** A screen with a title, a sentence on what it is for, and its content below. */
export function Place({ title, about, children }: { title: string; about: string; children: ReactNode }) {
  return (
    <main className="h-full overflow-auto">
      <div className="mx-auto max-w-5xl px-6 py-6">
        <h1 className="font-semibold font-serif text-title">{title}</h1>
        <p className="mb-5 text-soft">{about}</p>
        {children}
      </div>
    </main>
  )
}

import type { ReactNode } from 'react'

/** The page before one is in. */
export function Door({ title, about, children }: { title: string; about: string; children: ReactNode }) {
  return (
    <main className="mx-auto grid min-h-full max-w-sm content-center gap-5 px-4 py-10">
      <div>
        <p className="font-semibold font-serif text-[1.25rem]">Blenner</p>
        <h1 className="mt-4 font-semibold font-serif text-title">{title}</h1>
        <p className="text-soft">{about}</p>
      </div>
      {children}
    </main>
  )
}

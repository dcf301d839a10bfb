import { lazy, Suspense, useEffect, useState } from 'react'
import { type ImportWanted, onImport } from './importing'

const ImportDialog = lazy(() => import('./ImportDialog'))

/** Shows the import when something asks for it. */
export function Importing() {
  const [wanted, setWanted] = useState<ImportWanted | null>(null)
  useEffect(() => onImport(setWanted), [])
  if (!wanted) return null
  return (
    <Suspense fallback={null}>
      <ImportDialog {...wanted} onClose={() => setWanted(null)} />
    </Suspense>
  )
}

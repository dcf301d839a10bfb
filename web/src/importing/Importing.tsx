import { lazy, Suspense } from 'react'
import { closeImport, useImportWanted } from '../shared/store/importing'

const ImportDialog = lazy(() => import('./ImportDialog'))

/** Shows the import when something asks for it. */
export function Importing() {
  const wanted = useImportWanted()
  if (!wanted) return null
  return (
    <Suspense fallback={null}>
      <ImportDialog {...wanted} onClose={closeImport} />
    </Suspense>
  )
}

import { useEffect } from 'react'
import { useSnippets } from '../../shared/api/queries'
import type { Sheet } from '../../sheet'

/** Keeps the sheet told of what linked snippets hold. */
export function usePieces(sheet: Sheet) {
  const pieces = useSnippets().data
  useEffect(() => {
    if (pieces) sheet.setPieces(pieces)
  }, [sheet, pieces])
}

import { createContext, useContext } from 'react'
import type { Sheet } from './Sheet'

/** The sheet of the item that is open. It stays the same while one writes: who asks for it is not drawn again. */
export const SheetContext = createContext<Sheet | null>(null)

/** The sheet around a part of the screen. */
export function useSheet(): Sheet {
  const sheet = useContext(SheetContext)
  if (!sheet) throw new Error('not on a sheet')
  return sheet
}

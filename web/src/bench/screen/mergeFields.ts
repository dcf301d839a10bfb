import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Sheet } from '../../sheet'
import type { Saver } from '../state/saver'

/** Keeps the sheet told of the placeholders there are, and of what they are filled with after each save. */
export function useMergeFields(saver: Saver, sheet: Sheet) {
  // A text without any need not know what became of their values.
  const revision = useSyncExternalStore(saver.subscribe, () =>
    sheet.hasFields() ? saver.snapshot().state.revision : 0,
  )
  const params = { path: { key: saver.key } }
  const fields = useQuery({
    queryKey: ['merge-fields', saver.key, revision],
    queryFn: () => answer(client.GET('/editor/api/items/{key}/merge-fields', { params })),
    placeholderData: keepPreviousData,
    gcTime: 0,
  })
  useEffect(() => {
    if (fields.data) sheet.setFields(fields.data)
  }, [sheet, fields.data])
}

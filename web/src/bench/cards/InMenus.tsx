import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useRefresh, useSite } from '../../shared/api/queries'
import { changeOn, on } from '../../shared/form/change'
import { useBench } from '../state/context'

/** Whether the item is in the menus, to be put there and taken out. */
export function InMenus({ itemKey, live }: { itemKey: string; live: boolean }) {
  const { saver } = useBench()
  const site = useSite()
  const refresh = useRefresh()
  const [problem, setProblem] = useState('')
  // What was ticked is so at once; the server follows.
  const [ticked, setTicked] = useState<{ main?: boolean; foot?: boolean }>({})
  const menus = site.data?.menus
  if (!menus) return null
  const isIn = (menu: typeof menus.main) => menu.some((e) => e.to === 'ITEM' && e.target === itemKey)
  const now = { main: isIn(menus.main), foot: isIn(menus.foot), ...ticked }
  async function set(part: Partial<typeof now>) {
    if (!menus) return
    setProblem('')
    setTicked((was) => ({ ...was, ...part }))
    try {
      await changeOn(menus, 'any', (stand) =>
        answer(
          client.PUT('/editor/api/site/menus/items/{key}', {
            params: { path: { key: itemKey }, header: on(stand.revision) },
            // What another put it into or took it out of stays so.
            body: { main: isIn(stand.main), foot: isIn(stand.foot), ...part },
          }),
        ),
      )
      await refresh()
      saver.lookAgain()
    } catch (error) {
      setProblem((error as Error).message)
    }
    setTicked({})
  }
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Menus</legend>
      <label className="flex items-center gap-2">
        <input type="checkbox" checked={now.main} onChange={(e) => set({ main: e.target.checked })} />
        In the main menu
      </label>
      <label className="flex items-center gap-2">
        <input type="checkbox" checked={now.foot} onChange={(e) => set({ foot: e.target.checked })} />
        In the menu at the foot
      </label>
      {(now.main || now.foot) && !live && <p className="text-small text-soft">Readers see it there once it is live.</p>}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}

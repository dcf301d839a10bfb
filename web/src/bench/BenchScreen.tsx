import { useCallback, useEffect, useState, useSyncExternalStore } from 'react'
import { useSearchParams } from 'react-router'
import { api, Problem } from '../api/client'
import type { Finding, ItemState, ItemView, Step } from '../api/types'
import { useTitle } from '../frame/title'
import { useWidth } from '../ui/useWidth'
import { ConflictDialog } from './Conflict'
import { BenchContext } from './context'
import { Header, type View } from './Header'
import { Margin } from './margin/Margin'
import { Proof } from './proof/Proof'
import { RunBar } from './runbar/RunBar'
import { SignInAgain } from './SignInAgain'
import type { Saver } from './saver'
import { SheetPlace } from './sheet/SheetPlace'
import type { Sheet } from './sheet/store'
import { Spine } from './spine/Spine'

const VIEWS: View[] = ['write', 'both', 'proof']

/** The screen where one item is written. */
export function BenchScreen({ saver, sheet }: { saver: Saver; sheet: Sheet }) {
  const snapshot = useSyncExternalStore(saver.subscribe, saver.snapshot)
  const [params, setParams] = useSearchParams()
  const [told, setTold] = useState('')
  const [asked, setAsked] = useState('')
  const [marksOpen, setMarksOpen] = useState(0)
  const view = VIEWS.find((v) => v === params.get('view')) ?? 'write'
  const { state, fields, status } = snapshot
  const width = useWidth()
  // Where there is little room the margin and the spine fold away first.
  const folded = view === 'both' || width < 1000
  useTitle(fields.title || 'Untitled')
  useRegionKeys()
  useSaveKey(() => saver.flush())

  const setView = (next: View) => setParams(next === 'write' ? {} : { view: next }, { replace: true })

  /** Leads to the place of a finding; with a field name, to the field that mends it. */
  const goTo = useCallback(
    (finding: Finding, field = '') => {
      if (params.get('view') === 'proof') setParams({}, { replace: true })
      const lead = Date.now()
      setAsked('')
      if (finding.field === 'body') {
        sheet.goTo(finding.path, finding.from, finding.to)
        if (field) setTimeout(() => setAsked(`${field}:${lead}`))
      } else {
        setTimeout(() => setAsked(`${finding.field}:${lead}`))
      }
    },
    [sheet, params, setParams],
  )

  async function act(step: Step) {
    setTold('')
    if (!(await saver.flush())) return
    try {
      const next = await api.post<ItemState>(`/items/${state.key}/actions/${step.action}`, {
        revision: saver.snapshot().state.revision,
      })
      saver.adoptState(next)
      setTold(outcome(step, next))
    } catch (error) {
      if (error instanceof Problem && error.status === 401) saver.touch()
      setTold((error as Error).message)
    }
  }

  async function mend(finding: Finding, index: number) {
    const fix = finding.fixes[index]
    if (fix.asks) return goTo(finding, fix.asks)
    if (!(await saver.flush())) return
    try {
      const next = await api.post<ItemView>(`/items/${state.key}/fixes`, {
        revision: saver.snapshot().state.revision,
        rule: finding.rule,
        path: finding.path,
        fix: index,
      })
      sheet.replace(next.content.body)
      saver.adopt(next)
      setTold(`Done: ${fix.label.toLowerCase()}. Undo brings it back.`)
    } catch (error) {
      setTold((error as Error).message)
    }
  }

  return (
    <BenchContext
      value={{ saver, sheet, snapshot, asked, goTo, mend, marksOpen, openMarks: () => setMarksOpen((n) => n + 1) }}
    >
      <div className="flex h-full min-h-[30rem] flex-col">
        <Header view={view} setView={setView} />
        {told && (
          <div role="status" className="flex items-center gap-3 border-line border-b bg-straw px-5 py-1.5">
            {told}
            <button type="button" className="ml-auto underline" onClick={() => setTold('')}>
              Close
            </button>
          </div>
        )}
        {snapshot.broughtBack && status.is !== 'conflict' && !told && <BroughtBack />}
        <div className="flex min-h-0 flex-1">
          {view !== 'proof' && (
            <>
              {width >= 700 && <Spine narrow={view === 'both' || width < 1200} />}
              <SheetPlace beside={view === 'both'} />
              <Margin narrow={folded} />
            </>
          )}
          {view !== 'write' && <Proof beside={view === 'both'} />}
        </div>
        <RunBar act={act} />
      </div>
      {status.is === 'signed-out' && <SignInAgain onDone={() => saver.resume()} />}
      {status.is === 'conflict' && <ConflictDialog conflict={status.conflict} onTold={setTold} />}
    </BenchContext>
  )
}

function BroughtBack() {
  const [open, setOpen] = useState(true)
  if (!open) return null
  return (
    <div role="status" className="flex items-center gap-3 border-line border-b bg-straw px-5 py-1.5">
      What you wrote here last time had not reached the server. It has been brought back.
      <button type="button" className="ml-auto underline" onClick={() => setOpen(false)}>
        Close
      </button>
    </div>
  )
}

function outcome(step: Step, state: ItemState): string {
  const places = state.appearances.places
  switch (step.action) {
    case 'PUT_LIVE':
    case 'UPDATE_LIVE':
      return `Live now at ${places[0]?.path}. Readers see this text.`
    case 'WITHDRAW':
      return 'Withdrawn. Its address now says kindly that the page was taken down. “Put live” brings it back.'
    case 'SEND_FOR_REVIEW':
      return 'Sent for review. An editor can put it live now.'
    case 'TAKE_BACK':
      return 'Taken back. It is a draft again.'
    case 'ARCHIVE':
      return 'Archived. It stays in the worklist under Archived.'
    default:
      return 'Brought back as a draft.'
  }
}

/** Ctrl+S sends at once, for people whose fingers do it anyway. */
function useSaveKey(save: () => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && !e.altKey && !e.shiftKey && e.key === 's') {
        e.preventDefault()
        save()
      }
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  })
}

/** F6 goes from part to part of the bench, Shift+F6 back. */
function useRegionKeys() {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== 'F6') return
      e.preventDefault()
      const regions = [...document.querySelectorAll<HTMLElement>('[data-region]')]
      const here = regions.findIndex((r) => r.contains(document.activeElement))
      const step = e.shiftKey ? -1 : 1
      const next = regions[(here + step + regions.length) % regions.length]
      const inside = next?.querySelector<HTMLElement>('[contenteditable="true"], [tabindex="0"], input, select, button')
      const target = next?.matches('input, button') ? next : inside
      target?.focus()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [])
}

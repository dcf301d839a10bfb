import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react'
import { useSearchParams } from 'react-router'
import { answer, client, Problem } from '../shared/api/client'
import type { Finding, ItemState, Step } from '../shared/api/types'
import { askFor } from '../shared/store/asked'
import { useNotebook } from '../shared/store/notebook'
import { setOpenText } from '../shared/store/openText'
import { useOffer } from '../shared/store/placeCommands'
import { cx } from '../shared/ui/cx'
import { useTitle } from '../shared/ui/useTitle'
import { useWidth } from '../shared/ui/useWidth'
import { runTool, type Sheet, SheetContext, SheetPlace, told as toldKeys, tools } from '../sheet'
import { Header, type View } from './Header'
import { ConflictDialog } from './interruptions/Conflict'
import { SignInAgain } from './interruptions/SignInAgain'
import { Margin } from './margin/Margin'
import { OutDialog } from './out/OutDialog'
import { Proof } from './proof/Proof'
import { RunBar } from './runbar/RunBar'
import { SaveOutlineDialog } from './SaveOutlineDialog'
import { Spine } from './spine/Spine'
import { BenchContext, useBench, useSaved } from './state/context'
import type { Saver } from './state/saver'

const VIEWS: View[] = ['write', 'markup', 'both', 'proof']

const Markup = lazy(() => import('./markup/Markup'))

/** The screen where one item is written. */
export function BenchScreen({ saver, sheet }: { saver: Saver; sheet: Sheet }) {
  const [params, setParams] = useSearchParams()
  const [told, setTold] = useState('')
  const [marksOpen, setMarksOpen] = useState(0)
  const view = VIEWS.find((v) => v === params.get('view')) ?? 'write'
  const title = useSyncExternalStore(saver.subscribe, () => saver.snapshot().fields.title)
  const notebook = useNotebook()
  // A docked notebook takes its room from the bench.
  const width = useWidth() - (notebook.open && notebook.docked && !notebook.folded ? 320 : 0)
  // Where there is little room the margin and the spine fold away first.
  const folded = view === 'both' || width < 1000
  useTitle(title || 'Untitled')
  useRegionKeys()
  useSaveKey(() => saver.flush())

  const [out, setOut] = useState(false)
  const openOut = useCallback(() => setOut(true), [])
  const [quiet, setQuiet] = useState(false)
  const [savingOutline, setSavingOutline] = useState(false)
  const leaveMarkup = useRef<() => Promise<boolean>>(async () => true)

  async function setView(next: View) {
    // What was typed as markup is read first, and somebody may want to go on typing there.
    if (view === 'markup' && next !== 'markup' && !(await leaveMarkup.current())) return
    setParams(next === 'write' ? {} : { view: next }, { replace: true })
  }

  const toggleQuiet = useCallback(() => setQuiet((on) => !on), [])
  const answers = useMemo(
    () => ({ quiet: toggleQuiet, out: openOut, 'save-outline': () => setSavingOutline(true) }),
    [toggleQuiet, openOut],
  )
  useQuietKeys(quiet, () => setQuiet(false))
  useOffer(
    useMemo(
      () =>
        view === 'write' || view === 'both'
          ? tools.map((t) => ({
              name: t.name,
              about: t.keys ? toldKeys(t.keys) : 'tool',
              words: t.words,
              run: () => setTimeout(() => runTool(sheet, t)),
            }))
          : [],
      [sheet, view],
    ),
  )

  /** Leads to the place of a finding; with a field name, to the field that mends it. */
  const goTo = useCallback(
    (finding: Finding, field = '') => {
      if (['proof', 'markup'].includes(params.get('view') ?? '')) setParams({}, { replace: true })
      if (finding.field === 'body') {
        sheet.goTo(finding.path, finding.from, finding.to)
        if (field) setTimeout(() => askFor(field))
      } else {
        setTimeout(() => askFor(finding.field))
      }
    },
    [sheet, params, setParams],
  )

  async function act(step: Step) {
    setTold('')
    if (!(await saver.flush())) return
    try {
      const next = await answer(
        client.POST('/editor/api/items/{key}/actions/{action}', {
          params: { path: { key: saver.key, action: step.action } },
          body: { revision: saver.snapshot().state.revision },
        }),
      )
      saver.adoptState(next)
      setTold(outcome(step, next))
    } catch (error) {
      if (error instanceof Problem && error.status === 401) saver.touch()
      setTold((error as Error).message)
    }
  }

  const mend = useCallback(
    async (finding: Finding, index: number) => {
      const fix = finding.fixes[index]
      if (fix.asks) return goTo(finding, fix.asks)
      if (!(await saver.flush())) return
      try {
        const next = await answer(
          client.POST('/editor/api/items/{key}/fixes', {
            params: { path: { key: saver.key } },
            body: {
              revision: saver.snapshot().state.revision,
              rule: finding.rule,
              path: finding.path,
              fix: index,
            },
          }),
        )
        sheet.replace(next.content.body)
        saver.adopt(next)
        setTold(`Done: ${fix.label.toLowerCase()}. Undo brings it back.`)
      } catch (error) {
        setTold((error as Error).message)
      }
    },
    [saver, sheet, goTo],
  )

  useEffect(
    () =>
      setOpenText({
        key: saver.key,
        title: () => saver.snapshot().fields.title,
        html: () => sheet.html(),
        insert: (words) => sheet.insertWords(words),
        flush: () => saver.flush(),
        goTo: (block) => sheet.goTo([block]),
        subscribe: sheet.subscribe,
      }),
    [saver, sheet],
  )

  const openMarks = useCallback(() => setMarksOpen((n) => n + 1), [])
  const shared = useMemo(
    () => ({ saver, sheet, goTo, mend, marksOpen, openMarks }),
    [saver, sheet, goTo, mend, marksOpen, openMarks],
  )

  return (
    <SheetContext value={sheet}>
      <BenchContext value={shared}>
        <div className={cx('bench flex h-full min-h-[30rem] flex-col', quiet && view === 'write' && 'is-quiet')}>
          <Header view={view} setView={setView} onOut={openOut} />
          {told && (
            <div role="status" className="flex items-center gap-3 border-line border-b bg-straw px-5 py-1.5">
              {told}
              <button type="button" className="ml-auto underline" onClick={() => setTold('')}>
                Close
              </button>
            </div>
          )}
          {!told && <BroughtBack />}
          <div className="flex min-h-0 flex-1">
            {view === 'markup' && (
              <Suspense fallback={<p className="p-8 text-soft">Opening the markup …</p>}>
                <Markup leave={leaveMarkup} toWrite={() => setParams({}, { replace: true })} />
              </Suspense>
            )}
            {(view === 'write' || view === 'both') && (
              <>
                {width >= 700 && <Spine narrow={view === 'both' || width < 1200} />}
                <SheetPlace
                  beside={view === 'both'}
                  quiet={quiet}
                  settingsBelow={folded}
                  answers={answers}
                  onTell={setTold}
                />
                <Margin narrow={folded} />
              </>
            )}
            {(view === 'both' || view === 'proof') && <Proof beside={view === 'both'} />}
          </div>
          <RunBar act={act} />
        </div>
        {savingOutline && <SaveOutlineDialog body={sheet.html()} onClose={() => setSavingOutline(false)} />}
        {out && <OutDialog item={saver.key} flush={() => saver.flush()} onClose={() => setOut(false)} />}
        <Interrupted onTold={setTold} />
      </BenchContext>
    </SheetContext>
  )
}

/** What stands between the text and the server until somebody has decided. */
function Interrupted({ onTold }: { onTold: (told: string) => void }) {
  const { saver } = useBench()
  const status = useSaved((now) => now.status)
  if (status.is === 'signed-out') return <SignInAgain onDone={() => saver.resume()} />
  return status.is === 'conflict' && <ConflictDialog conflict={status.conflict} onTold={onTold} />
}

function BroughtBack() {
  const [open, setOpen] = useState(true)
  const shown = useSaved((now) => now.broughtBack && now.status.is !== 'conflict')
  if (!open || !shown) return null
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
  const places = state.placement.appearances.places
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
      return 'Imported back as a draft.'
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

/** In quiet mode the tools come back when the pointer moves or Alt is pressed, and go when one types. */
function useQuietKeys(quiet: boolean, leave: () => void) {
  useEffect(() => {
    if (!quiet) return
    const root = document.documentElement
    root.classList.add('quiet')
    let timer: ReturnType<typeof setTimeout> | undefined
    const show = (on: boolean) => {
      clearTimeout(timer)
      root.classList.toggle('quiet-tools', on)
      if (on) timer = setTimeout(() => root.classList.remove('quiet-tools'), 4000)
    }
    const onMove = (e: MouseEvent) => {
      if (Math.abs(e.movementX) + Math.abs(e.movementY) > 2) show(true)
    }
    const onKey = (e: KeyboardEvent) => {
      if (e.key === 'Alt') {
        e.preventDefault()
        show(true)
      } else if (e.key === 'Escape' && !document.querySelector('[role="dialog"], [role="menu"]')) leave()
      else if (e.key.length === 1 && !e.ctrlKey && !e.metaKey) show(false)
    }
    document.addEventListener('mousemove', onMove)
    document.addEventListener('keydown', onKey)
    return () => {
      clearTimeout(timer)
      root.classList.remove('quiet', 'quiet-tools')
      document.removeEventListener('mousemove', onMove)
      document.removeEventListener('keydown', onKey)
    }
  })
}

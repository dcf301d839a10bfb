import { lazy, type ReactNode, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useSearchParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import type { Finding, Step, Toolset } from '../shared/api/types'
import { useStore } from '../shared/base/store'
import { askFor } from '../shared/store/asked'
import { useNotebook } from '../shared/store/notebook'
import { setOpenText } from '../shared/store/openText'
import { useOffer } from '../shared/store/placeCommands'
import { cx } from '../shared/ui/cx'
import { useTitle } from '../shared/ui/useTitle'
import { useWidth } from '../shared/ui/useWidth'
import {
  backToText,
  isIn,
  keyNow,
  offerBy,
  runTool,
  type Sheet,
  SheetContext,
  SheetPlace,
  told as toldKeys,
  tools,
} from '../sheet'
import { Header, type View } from './Header'
import { Interruption } from './interruptions/Interruption'
import { KeepSnippetDialog } from './KeepSnippetDialog'
import { Margin } from './margin/Margin'
import { OutDialog } from './out/OutDialog'
import { Proof } from './proof/Proof'
import { BreaksDialog, breaks } from './runbar/BreaksDialog'
import { RunBar } from './runbar/RunBar'
import { SaveOutlineDialog } from './SaveOutlineDialog'
import { Expiring } from './screen/Expiring'
import { useQuietKeys, useRegionKeys, useSaveKey } from './screen/keys'
import { useLanguage } from './screen/language'
import { useMending } from './screen/mending'
import { useMergeFields } from './screen/mergeFields'
import { outcome } from './screen/outcome'
import { usePieces } from './screen/pieces'
import { BroughtBack, OthersWords, Told } from './screen/Told'
import { useWalking } from './screen/walking'
import { Spine } from './spine/Spine'
import { BenchContext } from './state/context'
import type { Saver } from './state/saver'

const VIEWS: View[] = ['write', 'markup', 'both', 'proof']

const Markup = lazy(() => import('./markup/Markup'))

interface Props {
  saver: Saver
  sheet: Sheet
  toolset: Toolset | null
  /** What is to be said first, in a sentence. */
  tell?: string
}

/** The screen where one item is written. */
export function BenchScreen({ saver, sheet, toolset, tell }: Props) {
  const [params, setParams] = useSearchParams()
  const [told, setTold] = useState<ReactNode>(tell)
  const [marksOpen, setMarksOpen] = useState(0)
  const view = VIEWS.find((v) => v === params.get('view')) ?? 'write'
  const title = useStore({ get: saver.snapshot, subscribe: saver.subscribe }, (now) => now.fields.title)
  const notebook = useNotebook()
  // A docked notebook takes its room from the bench.
  const width = useWidth() - (notebook.open && notebook.docked && !notebook.folded ? 320 : 0)
  // Where there is little room the margin and the spine fold away first.
  const folded = view === 'both' || width < 1000
  useTitle(title || 'Untitled')
  useRegionKeys()
  useSaveKey(() => saver.flush())

  const [dialog, setDialog] = useState<'out' | 'save-outline' | 'keep-snippet' | null>(null)
  const [quiet, setQuiet] = useState(false)
  const leaveMarkup = useRef<() => Promise<boolean>>(async () => true)
  const clearTold = useCallback(() => setTold(null), [])

  async function setView(next: View) {
    // What was typed as markup is read first, and somebody may want to go on typing there.
    if (view === 'markup' && next !== 'markup' && !(await leaveMarkup.current())) return
    setTold(null)
    setParams(next === 'write' ? {} : { view: next }, { replace: true })
    if (next === 'write' || next === 'both') setTimeout(() => sheet.focus())
  }

  const closeDialog = () => backToText(sheet, () => setDialog(null))

  useMergeFields(saver, sheet)
  usePieces(sheet)
  useLanguage(saver, sheet)
  useQuietKeys(quiet, () => setQuiet(false))
  useOffer(
    useMemo(
      () =>
        view === 'write' || view === 'both'
          ? tools
              .filter((t) => isIn(t, offerBy(toolset)))
              .map((t) => ({
                name: t.name,
                about: keyNow(t) ? toldKeys(keyNow(t)) : 'tool',
                words: t.words,
                run: () => setTimeout(() => runTool(sheet, t)),
              }))
          : [],
      [sheet, view, toolset],
    ),
  )

  /** Leads to the place of a finding; with a field name, to the field that mends it. */
  const goTo = useCallback(
    (finding: Finding, field = '') => {
      const lead = () => {
        if (finding.field !== 'body') return askFor(finding.field)
        // What is said of the text as a whole leads to the text.
        if (!finding.path.length) return sheet.focus()
        sheet.goTo(finding.path, finding.from, finding.to)
        if (field) askFor(field)
      }
      // At once where it can be: what comes late takes the keys from whatever was asked for meanwhile.
      if (!['proof', 'markup'].includes(params.get('view') ?? '')) return lead()
      setParams({}, { replace: true })
      // Another view mounts the sheet first.
      setTimeout(lead)
    },
    [sheet, params, setParams],
  )

  /** Sends what is written; says why where that cannot be done now. */
  const ready = useCallback(async () => {
    setTold(null)
    if (await saver.flush()) return true
    setTold('Nothing was done: what you wrote has not reached the server yet, as said above.')
    return false
  }, [saver])

  const [warned, setWarned] = useState<{ step: Step; what: string[] } | null>(null)
  const act = useCallback(
    async (step: Step) => {
      if (!(await ready())) return
      const params = { path: { key: saver.key, action: step.action } }
      try {
        const next = await saver.alone(() => {
          const body = { revision: saver.snapshot().state.revision }
          return answer(client.POST('/editor/api/items/{key}/actions/{action}', { params, body }))
        })
        saver.adoptState(next)
        setTold(outcome(step, next))
      } catch (error) {
        setTold(await saver.failed(error))
      }
    },
    [saver, ready],
  )

  const openMarks = useCallback(() => setMarksOpen((n) => n + 1), [])
  const { mend, leave, bringBack } = useMending({ saver, sheet, goTo, ready, tell: setTold })
  const walking = useWalking({ saver, sheet, goTo, openMarks, mend, leave, tell: setTold })

  const openOut = useCallback(() => setDialog('out'), [])
  const answers = useMemo(
    () => ({
      quiet: () => setQuiet((on) => !on),
      out: openOut,
      'save-outline': () => setDialog('save-outline'),
      'keep-snippet': () => setDialog('keep-snippet'),
      shelf: () => askFor('shelf'),
      ...walking,
    }),
    [openOut, walking],
  )

  useEffect(
    () =>
      setOpenText({
        key: saver.key,
        title: () => saver.snapshot().fields.title,
        html: () => sheet.html(),
        insert: (words) => sheet.insertWords(words),
        goTo: (block) => sheet.goTo([block]),
        flush: () => saver.flush(),
        lookAgain: () => saver.lookAgain(),
        subscribe: sheet.subscribe,
      }),
    [saver, sheet],
  )

  const shared = useMemo(
    () => ({ saver, sheet, goTo, mend, leave, bringBack, marksOpen, openMarks }),
    [saver, sheet, goTo, mend, leave, bringBack, marksOpen, openMarks],
  )

  return (
    <SheetContext value={sheet}>
      <BenchContext value={shared}>
        <div className={cx('bench flex h-full min-h-[30rem] flex-col', quiet && view === 'write' && 'is-quiet')}>
          <Header view={view} setView={setView} onOut={openOut} />
          <Interruption onTold={setTold} />
          <Told onClose={clearTold}>{told}</Told>
          {!told && <BroughtBack />}
          <OthersWords />
          <Expiring />
          <div className="relative flex min-h-0 flex-1">
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
                  settingsBelow={folded || quiet}
                  answers={answers}
                  onTell={setTold}
                />
                <Margin narrow={folded} />
              </>
            )}
            {(view === 'both' || view === 'proof') && <Proof beside={view === 'both'} />}
          </div>
          <RunBar
            act={(step) => {
              const what = breaks(step, saver.snapshot().state)
              if (what.length) setWarned({ step, what })
              else act(step)
            }}
          />
          {warned && <BreaksDialog {...warned} onGo={() => act(warned.step)} onClose={() => setWarned(null)} />}
        </div>
        {dialog === 'save-outline' && <SaveOutlineDialog body={sheet.html()} onClose={closeDialog} />}
        {dialog === 'keep-snippet' && <KeepSnippetDialog body={sheet.selectedHtml()} onClose={closeDialog} />}
        {dialog === 'out' && <OutDialog item={saver.key} flush={() => saver.flush()} onClose={closeDialog} />}
      </BenchContext>
    </SheetContext>
  )
}

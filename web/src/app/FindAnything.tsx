import { useQuery } from '@tanstack/react-query'
import { Command } from 'cmdk'
import { useEffect, useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useKinds } from '../shared/api/kinds'
import { useRight } from '../shared/api/queries'
import { formatWords } from '../shared/base/formats'
import { askImport } from '../shared/store/importing'
import { useNewItem } from '../shared/store/newItem'
import { changeNotebook } from '../shared/store/notebook'
import { useOffered } from '../shared/store/placeCommands'
import { Dialog } from '../shared/ui/Dialog'
import { StageIcon } from '../shared/ui/StageIcon'
import { usePicked } from '../shared/ui/usePicked'

/** Ctrl and the full stop open the field from anywhere. */
export function useFindKey(open: () => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.key === '.') {
        e.preventDefault()
        open()
      }
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  })
}

interface Props {
  open: boolean
  onClose: () => void
  onOutline: () => void
}

/** Finds items and runs commands. */
export function FindAnything({ open, onClose, onOutline }: Props) {
  const [words, setWords] = useState('')
  const navigate = useNavigate()
  const kinds = useKinds()
  const begin = useNewItem()
  const found = useQuery({
    queryKey: ['find', words],
    queryFn: () => answer(client.GET('/editor/api/worklist', { params: { query: { size: 8, words } } })),
    enabled: open && words.trim().length > 1,
  })
  const here = useOffered()
  const maySetUp = useRight('SET_UP')
  const commands: { name: string; about?: string; words?: string; run: () => void }[] = [
    ...(words.trim() ? here : []),
    ...kinds.map((k) => ({ name: `New ${k.label.toLowerCase()}`, run: () => begin(k.name) })),
    { name: 'New from an outline', words: 'prompts structure', run: onOutline },
    { name: 'New from files or the web', words: `import ${formatWords}`, run: () => askImport() },
    {
      name: 'Notebook',
      about: 'Ctrl+Alt+Z',
      words: 'notes terms',
      run: () => changeNotebook({ open: true, folded: false }),
    },
    ...(maySetUp
      ? [
          {
            name: 'New section',
            words: 'add',
            run: () => navigate('/sections', { state: { newSection: true, at: Date.now() } }),
          },
        ]
      : []),
    { name: 'Go to the worklist', run: () => navigate('/worklist') },
    { name: 'Go to the site report', run: () => navigate('/report') },
    { name: 'Go to the links elsewhere', run: () => navigate('/report/links') },
    { name: 'Go to sections', run: () => navigate('/sections') },
    { name: 'Go to assets', run: () => navigate('/assets') },
    { name: 'Go to the inbox', run: () => navigate('/inbox') },
    { name: 'Go to set-up', run: () => navigate('/set-up') },
    { name: 'Open the public site', run: () => window.open('/', '_blank', 'noopener') },
  ]
  const wanted = commands.filter((c) => `${c.name} ${c.words ?? ''}`.toLowerCase().includes(words.trim().toLowerCase()))
  const rows = words.trim().length > 1 ? (found.data?.rows ?? []) : []
  const picked = usePicked([...rows.map((r) => r.key), ...wanted.map((c) => c.name)])
  const row = 'flex cursor-pointer items-center gap-2 rounded-3 px-2 py-1.5 data-[selected=true]:bg-desk'

  function pick(run: () => void) {
    setWords('')
    onClose()
    run()
  }

  return (
    <Dialog open={open} onClose={onClose} title="Find anything or run a command">
      <Command label="Find anything or run a command" shouldFilter={false} {...picked}>
        <Command.Input
          value={words}
          onValueChange={setWords}
          placeholder="A few letters of a title, or of a command"
          className="h-8 w-full rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
        />
        <Command.List className="mt-3 max-h-80 overflow-auto" aria-label="Found">
          {words && !rows.length && !wanted.length && !found.isFetching && (
            <p className="px-2 py-1.5 text-soft">Nothing fits “{words}”.</p>
          )}
          {rows.map((r) => (
            <Command.Item
              key={r.key}
              value={r.key}
              className={row}
              onSelect={() => pick(() => navigate(`/items/${r.key}`))}
            >
              <StageIcon stage={r.stage} />
              <span className="truncate">{r.title || 'Untitled'}</span>
              <span className="ml-auto text-small text-soft">{r.kindLabel}</span>
            </Command.Item>
          ))}
          {wanted.map((c) => (
            <Command.Item key={c.name} value={c.name} className={row} onSelect={() => pick(c.run)}>
              {c.name}
              {c.about && <span className="ml-auto text-small text-soft">{c.about}</span>}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  )
}

import { useState } from 'react'
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router'
import { Importing } from '../importing/Importing'
import { Notebook } from '../notebook/Notebook'
import { NewFromOutline } from '../outlines/NewFromOutline'
import { answer, client } from '../shared/api/client'
import { useKinds } from '../shared/api/kinds'
import { setWindowPerson } from '../shared/api/person'
import { useInbox, useRefresh, useRight, useSite } from '../shared/api/queries'
import type { Person } from '../shared/api/types'
import { askImport } from '../shared/store/importing'
import { useNewItem } from '../shared/store/newItem'
import { changeNotebook, useNotebook } from '../shared/store/notebook'
import { openText } from '../shared/store/openText'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Menu, MenuItem } from '../shared/ui/Menu'
import { FindAnything, useFindKey } from './FindAnything'
import { Warning } from './Warning'

const places = [
  { to: '/worklist', name: 'Worklist' },
  { to: '/sections', name: 'Sections' },
  { to: '/assets', name: 'Assets' },
  { to: '/set-up', name: 'Set-up' },
]

/** The masthead, and the place one is in below it. */
export function Frame({ person }: { person: Person }) {
  const site = useSite()
  const kinds = useKinds()
  const navigate = useNavigate()
  const refresh = useRefresh()
  const readsMessages = useRight('READ_MESSAGES')
  const inbox = useInbox(readsMessages)
  const begin = useNewItem()
  const { pathname } = useLocation()
  const [finding, setFinding] = useState(false)
  const [fromOutline, setFromOutline] = useState(false)
  const notebook = useNotebook()
  useFindKey(() => setFinding(true))

  async function signOut() {
    // What is written goes to the server first; what cannot go stays in this browser for its writer.
    await openText()?.flush()
    await answer(client.DELETE('/editor/api/session'))
    navigate('/worklist')
    setWindowPerson(null)
    refresh()
  }

  return (
    <div className="flex h-full flex-col">
      <header className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-5 border-line border-b px-5 max-lg:px-3 max-sm:h-auto max-sm:flex-wrap max-sm:gap-y-0 max-sm:px-3 max-sm:pb-2">
        <Link to="/worklist" className="rounded-3 font-semibold font-serif text-[1.25rem]">
          Blenner
        </Link>
        <nav aria-label="Places" className="flex h-11 gap-5 max-sm:gap-3">
          {places.map((p) => (
            <NavLink
              key={p.to}
              to={p.to}
              className={({ isActive }) =>
                cx(
                  'flex h-full items-center border-b-3 pt-0.5',
                  isActive || (p.to === '/worklist' && pathname.startsWith('/items/'))
                    ? 'border-ink font-semibold'
                    : 'border-transparent text-soft hover:text-ink',
                )
              }
            >
              {p.name}
            </NavLink>
          ))}
        </nav>
        <a
          href="/"
          target="_blank"
          rel="noreferrer"
          className="min-w-0 truncate text-soft hover:text-ink max-xl:hidden"
        >
          {site.data?.name}
          <span className="sr-only"> (the public site, opens a new tab)</span>
        </a>
        <div className="ml-auto flex items-center gap-4 max-sm:w-full max-sm:flex-wrap max-sm:gap-x-3 max-sm:gap-y-1">
          <button
            type="button"
            onClick={() => setFinding(true)}
            className="flex h-7 w-72 items-center justify-between rounded-3 border border-edge bg-sheet px-2.5 text-soft max-sm:w-auto max-sm:min-w-32 max-sm:flex-1 max-lg:w-44"
          >
            <span className="truncate">Find anything or run a command</span>
            <kbd className="rounded-3 border border-line px-1 font-sans text-small max-lg:hidden">Ctrl .</kbd>
          </button>
          <Menu trigger={<Button className="font-semibold">New</Button>}>
            {kinds.map((k) => (
              <MenuItem key={k.name} onSelect={() => begin(k.name)}>
                <span className="font-semibold">{k.label}</span>
                <span className="block text-small text-soft">{k.help}</span>
              </MenuItem>
            ))}
            <MenuItem onSelect={() => setFromOutline(true)}>
              <span className="font-semibold">From an outline</span>
              <span className="block text-small text-soft">A structure that says what to write where</span>
            </MenuItem>
            <MenuItem onSelect={() => askImport()}>
              <span className="font-semibold">From files or the web</span>
              <span className="block text-small text-soft">Import texts that exist already</span>
            </MenuItem>
          </Menu>
          <button
            type="button"
            aria-pressed={notebook.open}
            onClick={() => changeNotebook({ open: !notebook.open })}
            className={cx('rounded-3', notebook.open ? 'font-semibold' : 'text-soft hover:text-ink')}
          >
            Notebook
          </button>
          {readsMessages && (
            <NavLink
              to="/inbox"
              className={({ isActive }) => cx('rounded-3', isActive ? 'font-semibold' : 'text-soft hover:text-ink')}
            >
              Inbox{inbox.data?.unread ? ` (${inbox.data.unread})` : ''}
            </NavLink>
          )}
          <Menu trigger={<Button look="quiet">{person.name}</Button>}>
            <p className="px-3 py-1.5 text-small text-soft">
              {person.signIn}, {person.roleLabel.toLowerCase()}
            </p>
            <MenuItem onSelect={() => navigate('/account')}>Your account</MenuItem>
            <MenuItem onSelect={signOut}>Sign out</MenuItem>
          </Menu>
        </div>
      </header>
      <Warning />
      <div className="relative flex min-h-0 flex-1">
        <div className="relative min-w-0 flex-1 overflow-auto">
          <Outlet />
        </div>
        <Notebook />
      </div>
      <Importing />
      {fromOutline && <NewFromOutline onClose={() => setFromOutline(false)} />}
      <FindAnything open={finding} onClose={() => setFinding(false)} onOutline={() => setFromOutline(true)} />
    </div>
  )
}

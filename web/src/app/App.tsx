import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { Tooltip } from 'radix-ui'
import { lazy, Suspense, useState } from 'react'
import { BrowserRouter, Navigate, Route, Routes } from 'react-router'
import { Account } from '../account/Account'
import { AssetPage } from '../assets/AssetPage'
import { Assets } from '../assets/Assets'
import { Inbox } from '../inbox/Inbox'
import { LinksElsewhere } from '../report/LinksElsewhere'
import { SiteReport } from '../report/SiteReport'
import { Sections } from '../sections/Sections'
import { SetUp } from '../setup/SetUp'
import { Problem } from '../shared/api/client'
import { setWindowPerson, windowPerson } from '../shared/api/person'
import { useSession } from '../shared/api/queries'
import { openText } from '../shared/store/openText'
import { useOwnSettingsOf } from '../shared/store/own'
import { Worklist } from '../worklist/Worklist'
import { FirstAccount } from './FirstAccount'
import { Frame } from './Frame'
import { SecondFirst } from './SecondFirst'
import { SetPassword } from './SetPassword'
import { SignIn } from './SignIn'
import { useLook } from './useLook'

// The writing code is large and is wanted nowhere else.
const Bench = lazy(() => import('../bench/Bench'))

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (failures, error) => !(error instanceof Problem) && failures < 3,
      refetchOnWindowFocus: false,
    },
  },
})

export function App() {
  return (
    <QueryClientProvider client={client}>
      <Tooltip.Provider delayDuration={400}>
        <BrowserRouter basename="/editor">
          <Routes>
            <Route path="/first-account" element={<FirstAccount />} />
            <Route path="/set-password" element={<SetPassword />} />
            <Route path="/*" element={<SignedIn />} />
          </Routes>
        </BrowserRouter>
      </Tooltip.Provider>
    </QueryClientProvider>
  )
}

function SignedIn() {
  const session = useSession()
  useOwnSettingsOf(session.data?.person?.id ?? 0)
  useLook()
  // The codes that come with a second factor stay to be read once it is on.
  const [enrolling, setEnrolling] = useState(false)
  if (session.isPending) return null
  if (session.isError)
    return (
      <p role="alert" className="p-8">
        The server does not answer. Start it again, then reload this page.
      </p>
    )
  const { person } = session.data
  if (!person) return <SignIn session={session.data} />
  // With an item open, a window stays whose it was; the bench asks before anything goes on under another name.
  if (!windowPerson() || !openText()) setWindowPerson(person)
  if (session.data.owesSecond || enrolling) {
    if (!enrolling) setEnrolling(true)
    return <SecondFirst onDone={() => setEnrolling(false)} />
  }
  const landing = person.role === 'EDITOR' ? '/worklist?waiting=yes' : '/worklist?whose=mine'
  return (
    <Routes>
      <Route element={<Frame person={person} />}>
        <Route index element={<Navigate to={landing} replace />} />
        <Route path="worklist" element={<Worklist />} />
        <Route path="sections" element={<Sections />} />
        <Route path="assets" element={<Assets />} />
        <Route path="assets/:name" element={<AssetPage />} />
        <Route path="set-up" element={<SetUp />} />
        <Route path="report" element={<SiteReport />} />
        <Route path="report/links" element={<LinksElsewhere />} />
        <Route path="inbox" element={<Inbox />} />
        <Route path="account" element={<Account />} />
        <Route
          path="items/:key"
          element={
            <Suspense fallback={<p className="p-8 text-soft">Opening the bench …</p>}>
              <Bench />
            </Suspense>
          }
        />
        <Route path="*" element={<p className="p-8">There is nothing at this address. Choose a place above.</p>} />
      </Route>
    </Routes>
  )
}

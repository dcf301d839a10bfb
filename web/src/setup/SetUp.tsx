import { type ReactNode, useState } from 'react'
import { useRight, useSession } from '../shared/api/queries'
import { TextButton } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { Place } from '../shared/ui/Place'
import { useNamedPart } from '../shared/ui/useNamedPart'
import { useTitle } from '../shared/ui/useTitle'
import { External } from './External'
import { History } from './History'
import { KindList } from './kinds/KindList'
import { MergeFields } from './MergeFields'
import { Outlines } from './Outlines'
import { People } from './People'
import { References } from './References'
import { RuleList } from './rules/RuleList'
import { SetUpFile } from './SetUpFile'
import { SiteName } from './SiteName'
import { Storage } from './Storage'
import { Trail } from './Trail'
import { ToolsetList } from './toolsets/ToolsetList'
import { WholeSite } from './WholeSite'

/** Something that can be set up, with the words it is found by. */
interface Part {
  id: string
  name: string
  /** What is decided there, in a sentence. */
  about: string
  words: string
  content: ReactNode
  /** The word by which its changes are found in what was done. */
  history?: string
}

/** Everything that is set up for the whole site, each part by itself, found by its words. */
export function SetUp() {
  useTitle('Set-up')
  const session = useSession()
  const [words, setWords] = useState('')
  const blocked = session.data?.rights.includes('SET_UP') ? '' : 'Only an editor can change this.'
  const looksAfterPeople = useRight('PEOPLE')
  const parts: Part[] = [
    {
      id: 'the-site',
      history: 'name of the site',
      name: 'The site',
      about: 'Its name, what it is in a line, its language.',
      words: 'title tagline foot',
      content: <SiteName blocked={blocked} />,
    },
    {
      id: 'people',
      name: 'People',
      about: 'Who works here, and what they may do.',
      words: 'accounts roles rights invite password sign in writer editor',
      content: <People mayChange={looksAfterPeople} />,
    },
    {
      id: 'kinds',
      history: 'kind',
      name: 'Kinds and fields',
      about: 'What sorts of item there are, and what each carries.',
      words: 'article post page cards required choices type',
      content: <KindList blocked={blocked} />,
    },
    {
      id: 'toolsets',
      history: 'toolset',
      name: 'Toolsets',
      about: 'Which tools a text offers, and to whom.',
      words: 'strip buttons colours fonts sizes styles embeds raw html blocks restrict allow role field',
      content: <ToolsetList blocked={blocked} />,
    },
    {
      id: 'rules',
      history: 'the rules',
      name: 'Rules',
      about: 'What must hold before an item goes live, and what is advised.',
      words: 'checks preflight standard required advised lengths words links pictures accessibility overrule',
      content: <RuleList blocked={blocked} />,
    },
    {
      id: 'outlines',
      history: 'outline',
      name: 'Outlines',
      about: 'Structures that items begin with.',
      words: 'prompts templates start',
      content: <Outlines of="outlines" blocked={blocked} />,
    },
    {
      id: 'snippets',
      history: 'snippet',
      name: 'Snippets',
      about: 'Ready-made pieces to drop into a text.',
      words: 'shelf reuse gaps insert',
      content: <Outlines of="snippets" blocked={blocked} />,
    },
    {
      id: 'merge-fields',
      history: 'merge field',
      name: 'Merge fields',
      about: 'Placeholders that are filled when a page is made.',
      words: 'variable date name telephone hotline fill in reader',
      content: <MergeFields blocked={blocked} />,
    },
    {
      id: 'reference-links',
      history: 'reference link',
      name: 'Reference links',
      about: 'Codes in texts that become links for readers.',
      words: 'pattern regular expression number station address',
      content: <References blocked={blocked} />,
    },
    {
      id: 'hosts',
      history: 'host',
      name: 'Hosts and mail',
      about: 'What may be embedded and fetched, and where messages go.',
      words: 'embeds film sound address contact form fetch allow external',
      content: <External blocked={blocked} />,
    },
    {
      id: 'storage',
      name: 'Storage',
      about: 'How much of files the site and each person may keep.',
      words: 'quota bytes limit megabytes disk space room',
      content: <Storage blocked={blocked} />,
    },
    ...(blocked
      ? []
      : [
          {
            id: 'whole-site',
            name: 'The whole site',
            about: 'Taken out as an open package, or brought back from one.',
            words: 'export import backup restore archive download yaml',
            content: <WholeSite />,
          },
          {
            id: 'set-up-file',
            name: 'The set-up as a file',
            about: 'Taken out as YAML, or brought in from another site.',
            words: 'export import yaml copy settings kinds toolsets',
            content: <SetUpFile />,
          },
        ]),
    ...(looksAfterPeople
      ? [
          {
            id: 'trail',
            name: 'What was done',
            about: 'Who changed what here, and when.',
            words: 'history audit log sign-ins failed',
            content: <Trail />,
          },
        ]
      : []),
  ]
  const named = useNamedPart()
  const letters = words.trim().toLowerCase()
  const found = parts.filter((p) => `${p.name} ${p.about} ${p.words}`.toLowerCase().includes(letters))
  return (
    <Place
      title="Set-up"
      about="What holds for the whole site. What is yours alone is under your name, “Your account”."
    >
      {blocked && (
        <p className="mb-5 border border-line bg-sheet px-3 py-2">
          This is how the site is set up. An editor can change it; ask one of those below.
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-x-10 gap-y-6 md:grid-cols-[15rem_minmax(0,1fr)]">
        <div className="grid gap-4 md:sticky md:top-6">
          <Input label="Look for a setting" value={words} onChange={(e) => setWords(e.target.value)} />
          <nav aria-label="Parts of Set-up">
            <ul className="grid gap-2">
              {found.map((p) => (
                <li key={p.id}>
                  <a href={`#${p.id}`} className="font-semibold hover:underline">
                    {p.name}
                  </a>
                  <p className="text-small text-soft">{p.about}</p>
                </li>
              ))}
            </ul>
          </nav>
        </div>
        <div ref={named} className="grid grid-cols-[minmax(0,1fr)] gap-10">
          {!found.length && (
            <p>
              Nothing that can be set speaks of “{words}”.{' '}
              <TextButton onClick={() => setWords('')}>Show everything</TextButton>
            </p>
          )}
          {found.map((p) => (
            <div key={p.id} id={p.id} className="scroll-mt-6">
              {p.content}
              {p.history && !blocked && <History of={p.name} word={p.history} />}
            </div>
          ))}
        </div>
      </div>
    </Place>
  )
}

import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import type { AssetPage as Page } from '../shared/api/types'
import { upload } from '../shared/api/upload'
import { changeOn, on } from '../shared/form/change'
import { Button } from '../shared/ui/Button'
import { CaptionsDialog } from '../shared/ui/CaptionsDialog'
import { Place } from '../shared/ui/Place'
import { factsOf, itemsOf } from '../shared/ui/sizes'
import { useTitle } from '../shared/ui/useTitle'
import { BinDialog } from './BinDialog'
import { CutDialog } from './CutDialog'
import { Earlier } from './Earlier'
import { ReplaceDialog } from './ReplaceDialog'
import { SaidForm } from './SaidForm'
import { Uses } from './Uses'

/** All about one asset, and what can be done with it. */
export function AssetPage() {
  const { name = '' } = useParams()
  const cache = useQueryClient()
  const key = ['asset', name]
  const page = useQuery({
    queryKey: key,
    queryFn: () => answer(client.GET('/editor/api/assets/{name}', { params: { path: { name } } })),
  })
  useTitle(page.data?.asset.title ?? 'Asset')
  const [open, setOpen] = useState<'cut' | 'replace' | 'captions' | 'bin' | null>(null)
  const [told, setTold] = useState('')

  /** Shows what an asset has become, and lets lists be fetched again. */
  function become(next: Page, sentence = '') {
    cache.setQueryData(key, next)
    cache.invalidateQueries({ queryKey: ['assets'] })
    setOpen(null)
    setTold(sentence)
  }

  /** Does something to the whole of it, as it is on the screen. */
  async function send(part: (keyof Page)[], call: (header: ReturnType<typeof on>) => Promise<Page>, sentence: string) {
    if (!page.data) return
    try {
      become(await changeOn(page.data, part, (now) => call(on(now.revision))), sentence)
    } catch (error) {
      setTold((error as Error).message)
      page.refetch()
    }
  }

  if (page.error) {
    return (
      <Place title="Asset" about="There is no asset at this address.">
        <p role="alert">{page.error.message}</p>
        <Back />
      </Place>
    )
  }
  if (!page.data) return null
  const { asset, uses, binned, held } = page.data
  const path = { name: asset.name }
  const picture = !!page.data.whole
  const standsIn = new Set(uses.map((u) => u.at + u.title)).size
  const putIntoBin = () =>
    send(
      ['binned'],
      (header) => answer(client.POST('/editor/api/assets/{name}/bin', { params: { path, header } })),
      'It is in the bin now.',
    )
  return (
    <Place title={asset.title} about={`${facts(page.data)} ${capital(itemsOf(standsIn))}.`}>
      <Back />
      {told && (
        <p role="status" className="mt-3 border border-line bg-sheet px-3 py-2">
          {told}
        </p>
      )}
      {held && (
        <p className="mt-3 border border-line bg-sheet px-3 py-2">{held} You can use it in your own texts as it is.</p>
      )}
      {binned && (
        <p className="mt-3 flex items-center gap-3 border border-line bg-sheet px-3 py-2">
          This is in the bin. Readers do not see it, and nobody finds it to use it.
          <Button
            blocked={held}
            onClick={() =>
              send(
                ['binned'],
                (header) => answer(client.POST('/editor/api/assets/{name}/restore', { params: { path, header } })),
                'It is back among the assets.',
              )
            }
          >
            Take it out of the bin
          </Button>
        </p>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="grid content-start gap-5">
          <Shown page={page.data} />
          <div className="flex flex-wrap gap-2">
            {picture && (
              <Button blocked={held} onClick={() => setOpen('cut')}>
                Cut and turn
              </Button>
            )}
            {asset.mediaType === 'text/vtt' && (
              <Button blocked={held} onClick={() => setOpen('captions')}>
                Change line by line
              </Button>
            )}
            <Button blocked={held} onClick={() => setOpen('replace')}>
              Replace the file
            </Button>
            <a
              href={asset.url}
              download
              className="inline-flex h-8 items-center rounded-3 border border-edge bg-sheet px-3 hover:bg-desk"
            >
              Download
            </a>
            {!binned && (
              <Button look="quiet" blocked={held} onClick={() => (uses.length ? setOpen('bin') : putIntoBin())}>
                Put into the bin
              </Button>
            )}
          </div>
          {page.data.collections.length > 0 && (
            <p>
              In the collections{' '}
              {page.data.collections.map((c, i) => (
                <span key={c}>
                  {i > 0 && ', '}
                  <Link to={`/assets?collection=${encodeURIComponent(c)}`} className="underline">
                    {c}
                  </Link>
                </span>
              ))}
              .
            </p>
          )}
          <Uses uses={uses} />
          <Earlier
            page={page.data}
            onPutBack={(id) =>
              send(
                ['edit', 'earlier'],
                (header) =>
                  answer(
                    client.POST('/editor/api/assets/{name}/earlier/{id}', {
                      params: { path: { name: asset.name, id }, header },
                    }),
                  ),
                'The earlier file is back, everywhere.',
              )
            }
          />
        </div>
        <SaidForm page={page.data} onDone={(next) => become(next, 'What is said of it is kept.')} />
      </div>
      {open === 'cut' && (
        <CutDialog
          page={page.data}
          onClose={() => setOpen(null)}
          onDone={(next) => become(next, 'The picture is shown like this everywhere.')}
        />
      )}
      {open === 'bin' && <BinDialog page={page.data} onClose={() => setOpen(null)} onBin={putIntoBin} />}
      {open === 'captions' && (
        <CaptionsDialog
          track={asset.name}
          onClose={() => setOpen(null)}
          onDone={async () => {
            await cache.invalidateQueries({ queryKey: key })
            setOpen(null)
            setTold('The captions are kept. Those before are under Earlier files.')
          }}
        />
      )}
      {open === 'replace' && (
        <ReplaceDialog
          page={page.data}
          onClose={() => setOpen(null)}
          send={async (file) =>
            become(
              await upload(file, (sent) =>
                answer(
                  client.POST('/editor/api/assets/{name}/file', {
                    params: { path, header: on(page.data.revision) },
                    body: { upload: sent, ask: false, whole: false },
                  }),
                ),
              ).done,
              'The new file stands everywhere now. The one before is under Earlier files.',
            )
          }
        />
      )}
    </Place>
  )
}

function Back() {
  return (
    <Link to="/assets" className="text-petrol underline underline-offset-2">
      All assets
    </Link>
  )
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1)
}

function facts({ asset, added, addedBy }: Page): string {
  const day = new Date(added).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
  return `${asset.name}: ${factsOf(asset)}. Added on ${day}${addedBy && ` by ${addedBy}`}.`
}

/** What readers get: the picture as it is, and as pages cut it. */
function Shown({ page: { asset, said, whole, firstPage } }: { page: Page }) {
  if (asset.mediaType.startsWith('audio/')) {
    // biome-ignore lint/a11y/useMediaCaption: captions belong to where it is used
    return <audio src={asset.url} controls className="w-full" />
  }
  if (asset.mediaType.startsWith('video/')) {
    // biome-ignore lint/a11y/useMediaCaption: captions belong to where it is used
    return <video src={asset.url} controls className="max-h-96 w-full bg-ink" />
  }
  if (firstPage)
    return (
      <figure>
        <img src={firstPage} alt="" className="max-h-96 border border-line bg-desk" />
        <figcaption className="text-small text-soft">The first page</figcaption>
      </figure>
    )
  if (!asset.width)
    return (
      <p className="border border-line bg-sheet p-6 text-soft">
        There is nothing to look at; download it to see what is in it.
      </p>
    )
  return (
    <div className="grid gap-3 sm:grid-cols-[2fr_1fr]">
      <figure>
        <img
          src={asset.url}
          alt={said.alternative}
          className="max-h-96 w-full border border-line bg-desk object-contain"
        />
        <figcaption className="text-small text-soft">As texts show it</figcaption>
      </figure>
      {whole && (
        <div className="grid content-start gap-3">
          <figure>
            <img src={asset.tile} alt="" className="w-full border border-line" />
            <figcaption className="text-small text-soft">Wide, as in teasers</figcaption>
          </figure>
          <figure>
            <img src={asset.square} alt="" className="w-1/2 border border-line" />
            <figcaption className="text-small text-soft">Square</figcaption>
          </figure>
        </div>
      )}
    </div>
  )
}

import type { Toolset, Writing } from '../../shared/api/types'

type Only = Toolset['only']

interface Props {
  only: Only
  writing: Writing
  set: (only: Only) => void
}

interface Choice {
  name: keyof Only
  label: string
  about: string
  values: { value: string; label: string; colour?: boolean }[]
}

function choices(writing: Writing): Choice[] {
  const plain = (all: string[]) => all.map((value) => ({ value, label: value }))
  return [
    {
      name: 'colours',
      label: 'Colours',
      about: 'Any colour, also one typed as a code',
      values: writing.palette.map((c) => ({ value: c.value, label: c.name, colour: true })),
    },
    { name: 'fonts', label: 'Fonts', about: 'All of the site’s', values: plain(writing.fonts) },
    { name: 'sizes', label: 'Sizes', about: 'All of the site’s', values: plain(writing.sizes) },
    {
      name: 'styles',
      label: 'Named styles',
      about: 'All of the site’s',
      values: writing.styles.map((s) => ({ value: s.name, label: s.label })),
    },
    {
      name: 'hosts',
      label: 'Embeds from',
      about: 'All hosts on the site’s list',
      values: writing.hosts.map((h) => ({ value: h.host, label: h.name })),
    },
  ]
}

/** What the tools of a toolset may be narrowed to: some of the colours, fonts, sizes, styles and hosts of the site. */
export function Narrow({ only, writing, set }: Props) {
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      {choices(writing).map(({ name, label, about, values }) => {
        const chosen = only[name]
        return (
          <fieldset key={name} className="grid content-start gap-1">
            <legend className="font-semibold">{label}</legend>
            <label className="flex items-center gap-2">
              <input
                type="checkbox"
                checked={!chosen}
                onChange={(e) => set({ ...only, [name]: e.target.checked ? undefined : values.map((v) => v.value) })}
              />
              {about}
            </label>
            {chosen && (
              <div className="flex flex-wrap gap-x-4 gap-y-1 pl-6">
                {values.map((v) => (
                  <label key={v.value} className="flex items-center gap-1.5">
                    <input
                      type="checkbox"
                      checked={chosen.includes(v.value)}
                      onChange={(e) =>
                        set({
                          ...only,
                          [name]: e.target.checked ? [...chosen, v.value] : chosen.filter((x) => x !== v.value),
                        })
                      }
                    />
                    {v.colour && (
                      <span
                        aria-hidden
                        className="size-4 rounded-3 border border-edge"
                        style={{ backgroundColor: v.value }}
                      />
                    )}
                    {v.label}
                  </label>
                ))}
                {!values.length && <span className="text-soft">The site has none.</span>}
              </div>
            )}
          </fieldset>
        )
      })}
    </div>
  )
}

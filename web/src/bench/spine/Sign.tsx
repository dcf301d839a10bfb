const signs: Record<string, React.ReactNode> = {
  paragraph: <path d="M1 3h12M1 7h12M1 11h8" />,
  heading: <path d="M3 2v10M11 2v10M3 7h8" />,
  bulleted_list: <path d="M5 3h8M5 7h8M5 11h8M1 3h1M1 7h1M1 11h1" />,
  numbered_list: <path d="M6 3h7M6 7h7M6 11h7M1.5 1.5v4M1 9h2l-2 3h2" />,
  quote: <path d="M2 10c2 0 3-2 3-6H2v3h3M8.500 10c2 0 3-2 3-6h-3v3h3" />,
  picture: <path d="M1 2h12v10H1zM1 10l4-4 3 3 2-2 3 3" />,
  gallery: <path d="M1 1h5v5H1zM8 1h5v5H8zM1 8h5v5H1zM8 8h5v5H8z" />,
  prompt: <path d="M1 3h3M6 3h3M11 3h2M1 7h3M6 7h3M11 7h2M1 11h3M6 11h3" />,
  divider: <path d="M1 7h12" />,
  code_block: <path d="M4 3L1 7l3 4M10 3l3 4-3 4" />,
  table_block: <path d="M1 2h12v10H1zM1 5.500h12M1 9h12M6 2v10" />,
  columns: <path d="M1 2h5v10H1zM8 2h5v10H8z" />,
  text_columns: <path d="M1 3h5M1 7h5M1 11h5M8 3h5M8 7h5M8 11h5" />,
  callout: <path d="M1 2h12v8H6l-3 3v-3H1z" />,
  embed: <path d="M1 2h12v10H1zM5.500 4.500l4 2.500-4 2.500z" />,
  video: <path d="M1 3h8v8H1zM9 6l4-2v6l-4-2" />,
  audio: <path d="M2 5h2l4-3v10L4 9H2zM10 5q2 2 0 4" />,
  contact_form: <path d="M1 3h12v8H1zM1 3l6 5 6-5" />,
  download: <path d="M7 1v8M4 6l3 3 3-3M2 12h10" />,
  button_link: <path d="M1 4h12v6H1zM4 7h6" />,
  jump_target: <path d="M4 1v12M4 2h7l-2 2.500L11 7H4" />,
}

/** A small sign for a kind of block. */
export function Sign({ name }: { name: string }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className="size-3.5 shrink-0"
      fill="none"
      stroke="var(--color-soft)"
      strokeWidth="1.3"
      aria-hidden
    >
      {signs[name] ?? <path d="M2 2h10v10H2zM2 6h10" />}
    </svg>
  )
}

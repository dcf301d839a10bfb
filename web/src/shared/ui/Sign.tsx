/** A small sign made of lines in a box of 14 by 14. */
export function Sign({ lines }: { lines: string }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className="size-3.5 shrink-0"
      fill="none"
      stroke="var(--color-soft)"
      strokeWidth="1.3"
      aria-hidden
    >
      <path d={lines} />
    </svg>
  )
}

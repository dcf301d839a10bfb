/** Lets the browser save something of the server's. */
export function download(address: string) {
  const a = document.createElement('a')
  a.href = address
  a.download = ''
  document.body.append(a)
  a.click()
  a.remove()
}

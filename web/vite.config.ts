import { cpSync, mkdirSync } from 'node:fs'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defineConfig, type Plugin } from 'vite'

const fonts: Record<string, string> = {
  'newsreader.woff2': '@fontsource-variable/newsreader/files/newsreader-latin-wght-normal.woff2',
  'newsreader-italic.woff2': '@fontsource-variable/newsreader/files/newsreader-latin-wght-italic.woff2',
  'instrument-sans.woff2': '@fontsource-variable/instrument-sans/files/instrument-sans-latin-wght-normal.woff2',
}

/** The public site uses the same font files as the editor, so they keep plain names. */
function plainFonts(): Plugin {
  return {
    name: 'plain-fonts',
    buildStart() {
      mkdirSync('public/fonts', { recursive: true })
      for (const [name, from] of Object.entries(fonts)) cpSync(`node_modules/${from}`, `public/fonts/${name}`)
    },
  }
}

export default defineConfig({
  base: '/editor/',
  plugins: [plainFonts(), react(), tailwindcss()],
  // `npm run dev` shows the front end from its sources, with a server that runs on port 8090.
  server: {
    proxy: Object.fromEntries(
      ['/editor/api', '/editor/proof', '/media', '/site'].map((path) => [path, 'http://localhost:8090']),
    ),
  },
  // The place Assets has addresses of its own, hence another folder.
  build: { assetsDir: 'code', target: 'es2022', chunkSizeWarningLimit: 900 },
})

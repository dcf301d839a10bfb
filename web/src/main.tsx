import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import { moveAtOnce } from './shared/ui/keysAtOnce'
import './index.css'

moveAtOnce()

const place = document.getElementById('app')
if (place) createRoot(place).render(<App />)

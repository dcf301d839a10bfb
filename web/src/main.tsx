import { createRoot } from 'react-dom/client'
import { App } from './app/App'
import './index.css'

const place = document.getElementById('app')
if (place) createRoot(place).render(<App />)

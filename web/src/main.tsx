import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { Door } from './access/Door'
import { bringBack } from './api/outliving'
import { App } from './App'
import './theme.css'
import { fetchPages } from './ui/page'

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 2_000, refetchOnWindowFocus: true } },
})

function start() {
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Door>
          <App />
        </Door>
      </QueryClientProvider>
    </StrictMode>,
  )
}

void bringBack(() => window.localStorage).finally(start)

// The rest of the pages come while the first is looked at.
window.setTimeout(() => void fetchPages(), 1500)

import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import { sendWhenThereIsSignal } from './offline/device';
import { loadDrafts } from './offline/draft';
import './look.css';

sendWhenThereIsSignal();

/** A disk that does not answer must not keep the screens away. */
const LONGEST_MS = 500;
const late = new Promise((over) => setTimeout(over, LONGEST_MS));
await Promise.race([loadDrafts().catch(() => undefined), late]);

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

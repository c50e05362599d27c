import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import { sendWhenThereIsSignal } from './offline/device';
import './look.css';

sendWhenThereIsSignal();

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

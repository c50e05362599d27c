import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import './look.css';

createRoot(document.getElementById('app')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

import '@fontsource-variable/source-code-pro';
import '@fontsource-variable/source-sans-3';
import '@fontsource-variable/source-serif-4';
import './theme/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

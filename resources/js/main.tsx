import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import '../css/app.css';

createRoot(document.getElementById('root')!).render(
    <StrictMode>
        <h1>Lernfall</h1>
    </StrictMode>,
);

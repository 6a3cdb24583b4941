import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import english from '../../lang/en.json';

/* One flat catalogue, which the server reads too. */
void i18next.use(initReactI18next).init({
    lng: 'en',
    resources: { en: { translation: english } },
    keySeparator: false,
    nsSeparator: false,
    interpolation: { escapeValue: false },
    returnEmptyString: false,
});

export const t = i18next.t.bind(i18next);

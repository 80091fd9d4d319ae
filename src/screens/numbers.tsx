'use client';

import { createContext } from 'react';

/** How this shop writes numbers: the decimal sign, or empty where it never said. On every page, so without the core. */
export const DecimalSign = createContext<'' | '.' | ','>('');
export const NumbersOfShop = DecimalSign.Provider;

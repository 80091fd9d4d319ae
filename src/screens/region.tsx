'use client';

import { createContext, useContext } from 'react';
import { regionOf, type Region } from '@/core/region';

const RegionId = createContext<string>('');
/** Where this shop is; empty where it never said. */
export const RegionOfShop = RegionId.Provider;

/** The shop's region, or undefined where it never said. */
export const useRegion = (): Region | undefined => regionOf(useContext(RegionId));

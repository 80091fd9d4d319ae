import {
  CaseByNumber,
  CatalogueAnswer,
  Done,
  MeaningsAnswer,
  VehiclesAnswer,
  VinAnswer,
} from '@/core/api/shop';
import { MarginAnswer } from '@/core/api/margin';
import { ask, post } from '../../send';

/**
 * What the case screen asks of the server beside saving. Fetched when something is asked, so that the screen
 * itself does not bring the shapes of answers along.
 */

export const marginFor = (caseId: string, signal: AbortSignal) =>
  ask(`/api/cases/${caseId}/margin`, MarginAnswer, { signal });

export const vehiclesLike = (query: URLSearchParams, signal: AbortSignal) =>
  ask(`/api/vehicles?${query}`, VehiclesAnswer, { signal });

export const vinSays = (query: URLSearchParams, signal: AbortSignal) =>
  ask(`/api/vin?${query}`, VinAnswer, { signal });

export const addCatalogueEntry = (kind: 'part' | 'failure', name: string) =>
  post('/api/catalogue', { do: 'add', kind, name }, CatalogueAnswer);

export const setMeaning = (code: string, says: string) =>
  post('/api/codes', { code, says }, MeaningsAnswer, 'No connection: not kept yet.');

export const discardCase = (id: string) => ask(`/api/cases/${id}`, Done, { method: 'DELETE' });

export const caseByNumber = (number: number) => ask(`/api/cases?number=${number}`, CaseByNumber);

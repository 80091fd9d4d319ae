import { expose } from 'comlink';
import { TraceApi } from './trace-api';

expose(new TraceApi());

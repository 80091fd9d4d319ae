import { expose } from 'comlink';
import { TableApi } from './table-api';

expose(new TableApi());

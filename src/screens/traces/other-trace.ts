/** A trace that can be laid over this one. */
export interface OtherTrace {
  id: string;
  name: string;
  stands: string;
  hash: string;
  readAs: string;
}

/** What the API sends and takes, as PHP tells it, and what the studio makes of it. */
export type * from './contract';

import type { BatchBegun, TakenIn, WordField } from './contract';

/** What became of a file that was sent. */
export type Uploaded = TakenIn | BatchBegun;

/** A word of a picture, or whether it is decorative. */
export type WordKey = WordField | 'decorative';

/** What may be looked at below the proofs. */
export type AlternativesView = 'candidates' | 'suggestions' | 'crops';

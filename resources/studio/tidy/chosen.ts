import type { Item, StoredPicture } from '../api/types';

/** A picture among which one goes from one to the next. */
export type ChosenPicture = Pick<StoredPicture, 'id' | 'name' | 'title' | 'thumbnail' | 'focal_sure'>;

/** The picture of an item that can be tidied; none of a video or a text. */
export const chosenOf = ({ kind, picture, words: { title } }: Item): ChosenPicture[] => (kind === 'picture' && picture ? [{ ...picture, title }] : []);

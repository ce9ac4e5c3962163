import type { StoreFilter } from '../api/queries';

export function everything(): StoreFilter {
    return { words: '', colour: '', shape: '', from: '', until: '', unused: false, undescribed: false, bin: false };
}

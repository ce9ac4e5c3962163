import { useQueryClient } from '@tanstack/vue-query';
import { api } from '../api/client';
import { galleryQuery, pictureQuery } from '../api/queries';
import type { Gallery, GalleryChanged, PictureDetails, Session } from '../api/types';
import type { Entry } from './entries';
import { withAnswer } from './shown';

export interface Sender {
    /** Called with every answer to a change of a gallery. */
    onAnswer: Set<(answer: GalleryChanged) => void>;
    /** @param shows key of the HTML of the proof that is on the screen; null where none is */
    send: (entry: Entry, shows: string | null) => Promise<GalleryChanged | null>;
    keep: (answer: GalleryChanged) => Promise<void>;
    newest: (entry: Entry) => Promise<Gallery>;
    /** Whether what the words are about is no longer in the gallery. */
    isGone: (entry: Entry) => Promise<boolean>;
    isStillIn: () => Promise<boolean>;
}

/** Sends changes, and takes over what the server answers. */
export function useSender(): Sender {
    const queries = useQueryClient();
    const onAnswer: Sender['onAnswer'] = new Set();
    const idOf = ({ place }: Entry): string => place.slice(place.indexOf(':') + 1);

    function newest(entry: Entry): Promise<Gallery> {
        return queries.fetchQuery({ ...galleryQuery(idOf(entry)), staleTime: 0 });
    }

    /** What changed, where it goes on from what is known; else the whole anew. */
    async function keep(answer: GalleryChanged): Promise<void> {
        const { queryKey } = galleryQuery(answer.id);
        const known = queries.getQueryData<Gallery>(queryKey);
        onAnswer.forEach((take) => take(answer));
        if (known && known.version === answer.from) queries.setQueryData(queryKey, withAnswer(known, answer));
        else await queries.fetchQuery({ ...galleryQuery(answer.id), staleTime: 0 });
        void queries.invalidateQueries({ queryKey: ['galleries'] });
    }

    async function sendChange({ key, tried, place, version, own, change }: Entry, shows: string | null): Promise<GalleryChanged> {
        const answer = await api.patch<GalleryChanged>(`galleries/${place.slice('gallery:'.length)}`, {
            key,
            ...(tried.length > 0 ? { tried } : {}),
            version,
            ...(own.length > 0 ? { own } : {}),
            change,
            ...(shows === null ? {} : { shows }),
        });
        await keep(answer);
        return answer;
    }

    return {
        onAnswer,
        keep,
        newest,
        send: async (entry, shows) => {
            if (entry.change) return sendChange(entry, shows);
            const id = idOf(entry);
            queries.setQueryData(pictureQuery(id).queryKey, await api.patch<PictureDetails>(`pictures/${id}`, entry.part));
            for (const queryKey of [['store'], ['gallery']]) void queries.invalidateQueries({ queryKey });
            return null;
        },
        isGone: async (entry) => {
            const { change, of } = entry;
            if (!of || (change?.kind !== 'words' && change?.kind !== 'text')) return false;
            const fresh = await newest(entry).catch(() => null);
            const id = change.kind === 'text' ? change.item : Object.keys(change.words)[0];
            return fresh !== null && !fresh.items.some((item) => item.id === id);
        },
        isStillIn: async () => (await api.get<Session>('session').catch(() => null))?.user !== null,
    };
}

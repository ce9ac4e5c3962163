import { useEventListener } from '@vueuse/core';
import { isWriting } from '../shared/is-writing';
import { filesOf } from '../uploads/files-of';

export interface UseArrivingFilesReturn {
    over: (event: DragEvent) => void;
    drop: (event: DragEvent) => void;
}

/** Files dropped on a place, and those pasted anywhere but into a field. What is dragged within the page is none of it. */
export function useArrivingFiles(take: (files: File[]) => void): UseArrivingFilesReturn {
    const brings = ({ dataTransfer }: DragEvent): boolean => dataTransfer?.types.includes('Files') ?? false;

    useEventListener(document, 'paste', (event) => {
        if (isWriting(event.target)) return;
        const files = [...(event.clipboardData?.files ?? [])];
        if (files.length > 0) take(files);
    });

    return {
        over: (event) => {
            if (brings(event)) event.preventDefault();
        },
        drop: (event) => {
            if (!brings(event)) return;
            event.preventDefault();
            void filesOf(event.dataTransfer).then(take);
        },
    };
}

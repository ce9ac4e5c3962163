import { ref } from 'vue';

/** What a screen reader is told next. */
export const announcement = ref('');

export function announce(text: string): void {
    // The same words twice would be told once.
    announcement.value = announcement.value === text ? `${text}\u00a0` : text;
}

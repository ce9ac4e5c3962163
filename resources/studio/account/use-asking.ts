import { ref, type Ref } from 'vue';
import { messageOf } from '../api/client';

/** Something that is asked of the server once at a time, and what it says where it refuses. */
export function useAsking(): { problem: Ref<string>; busy: Ref<boolean>; ask: (work: () => Promise<unknown>) => Promise<boolean> } {
    const problem = ref('');
    const busy = ref(false);

    /** Whether it was done. */
    async function ask(work: () => Promise<unknown>): Promise<boolean> {
        if (busy.value) return false;
        busy.value = true;
        problem.value = '';
        try {
            await work();
            return true;
        } catch (error) {
            problem.value = messageOf(error);
            return false;
        } finally {
            busy.value = false;
        }
    }

    return { problem, busy, ask };
}

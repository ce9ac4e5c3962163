<template>
    <section class="look" :aria-label="`What “${label}” would change`" @keydown.esc="emit('leave')">
        <ProblemNote v-if="error">{{ error.message }}</ProblemNote>
        <p v-else-if="!data" class="note" role="status">Looking …</p>
        <template v-else>
            <p>The history will say: {{ data.says }}. One undo takes it back.</p>
            <table v-if="data.rows.length > 0">
                <thead>
                    <tr>
                        <th>Picture</th>
                        <th>Word</th>
                        <th>Now</th>
                        <th>Then</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="row in data.rows" :key="row.item + row.field">
                        <td>{{ row.name }}</td>
                        <td>{{ row.field }}</td>
                        <td>
                            <span v-if="row.before === ''" class="note">nothing</span><s v-else>{{ row.before }}</s>
                        </td>
                        <td>
                            <span v-if="row.after === ''" class="note">nothing</span><template v-else>{{ row.after }}</template>
                        </td>
                    </tr>
                </tbody>
            </table>
            <div v-if="data.before && data.after" class="both">
                <figure>
                    <figcaption>Now</figcaption>
                    <SnagPlace :places="data.before" :tall="1.1" />
                </figure>
                <figure>
                    <figcaption>Then</figcaption>
                    <SnagPlace :places="data.after" :tall="1.1" />
                </figure>
            </div>
        </template>
        <p class="acts">
            <ElButton type="primary" :disabled="!data" @click="emit('take')">Do it</ElButton>
            <ElButton @click="emit('leave')">Leave it</ElButton>
        </p>
    </section>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, watch } from 'vue';
import { mendQuery } from '../api/queries';
import type { Change } from '../api/types';
import { announce } from '../shared/announce';
import ProblemNote from '../shared/ProblemNote.vue';
import SnagPlace from './SnagPlace.vue';

/** What a mend would come to, before anybody makes it. */
const props = defineProps<{ gallery: string; version: number; label: string; change: Change }>();
const emit = defineEmits<{ take: []; leave: [] }>();
const { data, error } = useQuery(computed(() => mendQuery(props.gallery, props.version, props.change)));
watch(data, (known) => known && announce(`The history will say: ${known.says}.`));
</script>

<style scoped>
.look {
    display: grid;
    gap: 10px;
    padding: 12px 14px;
    border-left: 3px solid var(--verd);
    background: var(--verd-tint);
}

p {
    margin: 0;
}

table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13px;
}

th {
    color: var(--z6);
    font-size: 12px;
    font-weight: 400;
    text-align: start;
}

th,
td {
    padding: 3px 10px 3px 0;
    vertical-align: top;
    overflow-wrap: anywhere;
}

s {
    color: var(--z6);
}

.both {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 320px));
    gap: 16px;
}

figure {
    margin: 0;
}

figcaption {
    color: var(--z6);
    font-size: 12px;
}
</style>

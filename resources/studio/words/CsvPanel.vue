<template>
    <section class="csv" aria-label="Spreadsheet">
        <h2>Spreadsheet</h2>
        <p class="note">
            Fetch the words as CSV, write in any spreadsheet, bring the file back. Rows find their picture by the column “item”, or else by “file”.
        </p>
        <ElButton tag="a" :href="`/studio/api/galleries/${gallery.id}/words.csv`" download>Fetch the CSV</ElButton>
        <FileButton label="CSV to bring back" accept=".csv,text/csv" @choose="look">Bring a CSV back</FileButton>
        <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
        <div v-if="preview" class="preview" role="region" aria-label="What it changes" tabindex="0">
            <p role="status">
                <span class="note">Read as {{ preview.read_as }}.</span>
                <b>{{ count === 0 ? 'No picture changes.' : `${count} ${count === 1 ? 'picture changes' : 'pictures change'}.` }}</b>
                <template v-if="preview.problems.length > 0">
                    {{ preview.problems.length }} {{ preview.problems.length === 1 ? 'line' : 'lines' }} cannot be read.</template
                >
            </p>
            <ul>
                <li v-for="row in preview.problems" :key="`${row.line} ${row.says}`" class="bad">Line {{ row.line }}: {{ row.says }}</li>
                <li v-for="(words, item) in preview.words" :key="item">
                    <span class="note">{{ nameOf(String(item)) }}</span>
                    <span v-for="(text, field) in words" :key="field"
                        ><em>{{ field }}</em> {{ text === '' ? 'nothing' : text }}</span
                    >
                </li>
            </ul>
        </div>
        <div class="acts">
            <ElButton type="info" v-if="preview" :disabled="count === 0" @click="apply">Apply</ElButton>
            <ElButton @click="emit('close')">Close</ElButton>
        </div>
    </section>
</template>

<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import type { Gallery, GalleryChanged, TablePreview } from '../api/types';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';

const props = defineProps<{ gallery: Gallery }>();
const emit = defineEmits<{ applied: [answer: GalleryChanged]; close: [] }>();
const file = ref<File>();
const preview = ref<TablePreview>();
const problem = ref('');
const count = computed(() => Object.keys(preview.value?.words ?? {}).length);

function nameOf(id: string): string {
    const item = props.gallery.items.find((one) => one.id === id);
    return item?.words.title || item?.picture?.name || '';
}

function form(): FormData {
    const body = new FormData();
    if (file.value) body.append('file', file.value);
    body.append('version', String(props.gallery.version));
    return body;
}

async function look([chosen]: File[]): Promise<void> {
    file.value = chosen;
    problem.value = '';
    try {
        preview.value = await api.post<TablePreview>(`galleries/${props.gallery.id}/words.csv/preview`, form());
    } catch (error) {
        problem.value = messageOf(error);
    }
}

async function apply(): Promise<void> {
    try {
        const { gallery } = await api.post<{ gallery: GalleryChanged }>(`galleries/${props.gallery.id}/words.csv`, form());
        announce(`${count.value} pictures changed.`);
        preview.value = undefined;
        emit('applied', gallery);
    } catch (error) {
        problem.value = messageOf(error);
    }
}
</script>

<style scoped>
.csv {
    display: flex;
    flex-direction: column;
    gap: 10px;
    min-height: 0;
}

.preview {
    flex: 1;
    min-height: 110px;
    padding: 8px 10px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    overflow: auto;
    font-size: 13px;
}

li {
    display: grid;
    padding: 5px 0;
    border-bottom: 1px solid var(--z2);
    overflow-wrap: anywhere;
}

em {
    color: var(--z5);
    font-style: normal;
}

.bad {
    color: var(--rust);
}

.acts {
    display: flex;
    gap: 8px;
}

.csv > .el-button,
.acts .el-button {
    margin: 0;
}

.acts .el-button--info {
    flex: 1;
}
</style>

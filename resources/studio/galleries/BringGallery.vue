<template>
    <FileButton label="A ZIP that a gallery is made of" accept=".zip,application/zip" :disabled="step === 'sending'" @choose="send"
        >Bring in a gallery…</FileButton
    >
    <ElDrawer v-model="open" title="Bring in a gallery" size="480px" :before-close="leave">
        <div class="bring">
            <ProblemNote v-if="problem">{{ problem }}</ProblemNote>
            <template v-if="step === 'sending'">
                <p>Sending “{{ name }}” …</p>
                <ElProgress :percentage="Math.round(sent * 100)" />
            </template>
            <template v-else-if="understood && step === 'asking'">
                <p>
                    Read from {{ understood.from }}: <b>{{ understood.pictures.length === 1 ? '1 picture' : `${understood.pictures.length} pictures` }}</b>{{
                        understood.absent.length > 0 ? `, ${understood.absent.length} named and not there` : ''
                    }}{{ understood.left.length > 0 ? `, ${understood.left.length} left out` : '' }}.
                </p>
                <label>
                    <span>What it is called</span>
                    <ElInput v-model="title" maxlength="120" />
                </label>
                <p v-if="understood.description" class="note">{{ understood.description }}</p>
                <div class="lists" tabindex="0" role="region" aria-label="What was understood">
                    <ol>
                        <li v-for="picture in understood.pictures" :key="picture.file">
                            <b>{{ picture.title || picture.alt || picture.file }}</b>
                            <span class="note">{{
                                [picture.caption, picture.alt && picture.title ? picture.alt : '', picture.file].filter(Boolean).join(' · ')
                            }}</span>
                        </li>
                    </ol>
                    <template v-if="understood.absent.length > 0">
                        <h3>Named, and not among the files</h3>
                        <ul>
                            <li v-for="one in understood.absent" :key="one" class="absent">{{ one }}</li>
                        </ul>
                    </template>
                    <template v-if="understood.left.length > 0">
                        <h3>Among the files, and not named: left out</h3>
                        <ul>
                            <li v-for="one in understood.left" :key="one" class="note">{{ one }}</li>
                        </ul>
                    </template>
                </div>
                <div class="acts">
                    <ElButton type="primary" :disabled="understood.pictures.length === 0 || title.trim() === ''" :loading="busy" @click="make"
                        >Make the gallery</ElButton
                    >
                    <ElButton @click="leave(() => (open = false))">Leave it</ElButton>
                </div>
            </template>
            <template v-else-if="step === 'making'">
                <p role="status">Taking in {{ batch?.outcomes.length ?? 0 }} of {{ understood?.pictures.length ?? batch?.total ?? 0 }} pictures …</p>
                <ElProgress :percentage="share" />
            </template>
            <template v-else-if="step === 'done'">
                <p role="status">
                    The gallery is there{{
                        failures.length > 0 ? `; ${failures.length === 1 ? 'a file was' : `${failures.length} files were`} not taken` : ''
                    }}.
                </p>
                <ul>
                    <li v-for="one in failures" :key="one.name" class="absent">{{ one.note }}</li>
                </ul>
                <ElButton v-if="batch?.gallery_id" type="primary" @click="show(batch.gallery_id)">Open it</ElButton>
            </template>
        </div>
    </ElDrawer>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useAsking } from '../account/use-asking';
import { api, messageOf } from '../api/client';
import { sessionQuery } from '../api/queries';
import { sendFile } from '../api/send-file';
import type { Batch, BatchBegun, Understood } from '../api/types';
import { announce } from '../shared/announce';
import FileButton from '../shared/FileButton.vue';
import ProblemNote from '../shared/ProblemNote.vue';

/** A gallery made of what people have: sent, looked at, and only then made. */

/** ms between looks at what is being taken in. */
const LOOK_AGAIN = 700;

const router = useRouter();
const queries = useQueryClient();
const { data: session } = useQuery(sessionQuery());
const { problem, busy, ask } = useAsking();
const open = ref(false);
const step = ref<'idle' | 'sending' | 'asking' | 'making' | 'done'>('idle');
const name = ref('');
const sent = ref(0);
const title = ref('');
const understood = ref<Understood | null>(null);
const batch = ref<Batch | null>(null);
const failures = computed(() => batch.value?.outcomes.filter(({ state }) => state === 'failed') ?? []);
const share = computed(() => Math.round((100 * (batch.value?.outcomes.length ?? 0)) / Math.max(1, understood.value?.pictures.length ?? 1)));

async function send([file]: File[]): Promise<void> {
    if (!file) return;
    problem.value = '';
    name.value = file.name;
    sent.value = 0;
    understood.value = null;
    step.value = 'sending';
    open.value = true;
    try {
        const outcome = await sendFile(file, {
            galleryId: null,
            arrival: null,
            partBytes: session.value?.limits.part_bytes ?? 2 ** 23,
            purpose: 'gallery',
            onProgress: (part) => (sent.value = part),
            onTrouble: () => announce('The line is down; it goes on by itself.'),
        });
        batch.value = 'batch' in outcome ? outcome.batch : null;
        understood.value = await api.get<Understood>(`batches/${batch.value?.id}/understood`);
        title.value = understood.value.title;
        step.value = 'asking';
    } catch (error) {
        problem.value = messageOf(error);
        step.value = 'idle';
    }
}

async function make(): Promise<void> {
    const begun = await ask(
        async () => (batch.value = (await api.post<BatchBegun>(`batches/${batch.value?.id}/gallery`, { title: title.value.trim() })).batch),
    );
    if (begun) step.value = 'making';
}

async function look(): Promise<void> {
    if (step.value !== 'making' || !batch.value) return;
    batch.value = await api.get<Batch>(`batches/${batch.value.id}`).catch(() => batch.value);
    if (batch.value?.state === 'failed') {
        problem.value = failures.value.at(-1)?.note ?? 'It could not be made. Try again.';
        step.value = 'idle';
    } else if (batch.value?.state === 'done') {
        step.value = 'done';
        announce('The gallery is there.');
        await queries.invalidateQueries({ queryKey: ['galleries'] });
    } else setTimeout(() => void look(), LOOK_AGAIN);
}

watch(step, () => void look());

/** What was only looked at is thrown away. */
function leave(done: () => void): void {
    if (step.value === 'asking' && batch.value) void api.delete(`batches/${batch.value.id}`).catch(() => null);
    if (step.value !== 'making') step.value = 'idle';
    done();
}

async function show(gallery: string): Promise<void> {
    open.value = false;
    await router.push({ name: 'pictures', params: { id: gallery } });
}
</script>

<style scoped>
.bring,
label {
    display: grid;
    gap: 12px;
}

label {
    gap: 5px;
    font-size: 13px;
    color: var(--z6);
}

.lists {
    max-height: 46vh;
    padding: 8px 12px;
    border: 1px solid var(--z3);
    border-radius: var(--corner);
    overflow: auto;
}

.lists li {
    padding: 4px 0;
    overflow-wrap: anywhere;
}

.lists li .note {
    display: block;
}

ol {
    padding-inline-start: 24px;
    list-style: decimal;
}

h3 {
    margin-top: 10px;
}

.absent {
    color: var(--rust);
}

.acts {
    display: flex;
    gap: 8px;
}

.acts .el-button {
    margin: 0;
}
</style>

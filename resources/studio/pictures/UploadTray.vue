<template>
    <section v-if="uploads.length > 0 || missing.length > 0" ref="tray" class="tray" aria-label="Files on their way">
        <div v-if="missing.length > 0" class="missing">
            <p>
                <b>{{ missing.length === 1 ? 'One file' : `${missing.length} files` }} did not arrive</b> before the window was closed: {{ listed }}. Choose
                {{ missing.length === 1 ? 'it' : 'them' }} again to go on.
            </p>
            <FileButton label="Files that did not arrive" multiple @choose="store.bring($event)">Choose again</FileButton>
            <ElButton @click="store.forget()">Leave them</ElButton>
        </div>
        <header v-if="uploads.length > 0">
            <h2>
                <span role="status">{{ headline }}</span>
            </h2>
            <ElProgress v-if="busy > 0" class="all" :percentage="share" :stroke-width="4" :show-text="false" aria-label="All files" />
            <span class="grow" />
            <ElButton v-if="stopped > 0" type="info" @click="store.goOn()">Go on with {{ stopped === 1 ? '1 file' : `${stopped} files` }}</ElButton>
            <ElButton :aria-expanded="open" @click="chosen = !open">{{ open ? 'Fold' : 'Show' }}</ElButton>
            <ElButton :disabled="busy > 0" @click="store.clear()">Clear</ElButton>
        </header>
        <ul v-if="open && uploads.length > 0">
            <li v-for="upload in uploads" :key="upload.key" :class="upload.state">
                <img v-if="upload.thumbnail" :src="upload.thumbnail" alt="" />
                <span v-else class="blank" />
                <div>
                    <b>{{ upload.name }}</b>
                    <ElProgress
                        v-if="upload.state === 'sending'"
                        :percentage="Math.round(upload.sent * 100)"
                        :stroke-width="4"
                        :show-text="false"
                        :aria-label="`${upload.name} sent`"
                    />
                    <p class="note">{{ LABELS[upload.state] }}{{ upload.state === 'sending' ? ` ${Math.round(upload.sent * 100)} %` : '' }}</p>
                    <p v-if="upload.note" class="note why">{{ upload.note }}</p>
                </div>
                <ElButton v-if="upload.state === 'failed'" :aria-label="`Try ${upload.name} again`" @click="store.retry(upload)"> Try again </ElButton>
            </li>
        </ul>
    </section>
</template>

<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, ref, watch } from 'vue';
import FileButton from '../shared/FileButton.vue';
import { useUploads, type Upload } from '../uploads/use-uploads';

const LABELS: Record<Upload['state'], string> = {
    queued: 'Waiting',
    sending: 'Sent',
    stopped: 'Stopped',
    preparing: 'Being prepared',
    ready: 'Ready',
    failed: 'Not taken',
};

/** Names that are told before the rest is only counted. */
const TOLD = 3;

const store = useUploads();
const tray = ref<HTMLElement>();
const { height } = useElementSize(tray, undefined, { box: 'border-box' });
const { uploads, missing } = storeToRefs(store);
/** What the person chose; null leaves it to itself. */
const chosen = ref<boolean | null>(null);
const count = (...states: Upload['state'][]): number => uploads.value.filter(({ state }) => states.includes(state)).length;
const busy = computed(() => count('queued', 'sending', 'preparing'));
const stopped = computed(() => count('stopped'));
/** Open where there is something to read; it folds itself when all is well. */
const open = computed(() => chosen.value ?? uploads.value.some(({ state, note }) => state === 'failed' || state === 'stopped' || note !== ''));
const share = computed(() =>
    Math.round(
        (100 * uploads.value.reduce((sum, { state, sent }) => sum + (state === 'queued' || state === 'sending' ? 0.9 * sent : 1), 0)) / uploads.value.length,
    ),
);
const headline = computed(() => {
    const failed = count('failed');
    return `${count('ready')} of ${uploads.value.length} ready${failed > 0 ? `, ${failed} not taken` : ''}${stopped.value > 0 ? `, ${stopped.value} stopped` : ''}`;
});
const listed = computed(() => {
    const names = missing.value.slice(0, TOLD).map(({ name }) => name);
    return missing.value.length > TOLD ? `${names.join(', ')} and ${missing.value.length - TOLD} more` : names.join(', ');
});

watch([tray, height], () => document.documentElement.style.setProperty('--tray', `${tray.value ? height.value : 0}px`));
watch(
    () => uploads.value.length === 0,
    () => (chosen.value = null),
);
</script>

<style scoped>
/* In its own place below the screen, which is so much lower: it covers nothing. */
.tray {
    position: fixed;
    z-index: 30;
    inset: auto 0 0;
    display: grid;
    max-height: 40vh;
    grid-template-rows: auto auto minmax(0, 1fr);
    border-top: 2px solid var(--z4);
    background: var(--z0);
}

header,
.missing {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    padding: 5px 16px;
}

.missing {
    background: var(--rust-tint);
    color: var(--z7);
}

.missing p {
    flex: 1;
    min-width: 240px;
    margin: 0;
}

.all {
    width: 160px;
}

.grow {
    flex: 1;
}

header .el-button,
.missing .el-button {
    margin: 0;
}

h2 {
    font-size: 14px;
}

ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(340px, 100%), 1fr));
    border-top: 1px solid var(--z3);
    overflow: auto;
}

li {
    display: grid;
    grid-template-columns: 44px 1fr auto;
    align-items: center;
    gap: 10px;
    padding: 8px 16px;
    border-bottom: 1px solid var(--z3);
}

li div {
    min-width: 0;
}

b {
    font-weight: 600;
}

li b {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}

img,
.blank {
    width: 44px;
    height: 44px;
    object-fit: cover;
    background: var(--z2);
}

.ready .note {
    color: var(--verd);
}

.failed .note,
.stopped .note {
    color: var(--rust);
}

.ready .why {
    color: var(--z6);
}
</style>

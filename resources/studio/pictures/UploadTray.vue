<template>
    <section v-if="uploads.length > 0" class="tray" aria-label="Files on their way">
        <header>
            <h2>
                <span role="status">{{ headline }}</span>
            </h2>
            <ElButton :disabled="busy > 0" @click="store.clear()">Clear</ElButton>
        </header>
        <ul>
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
import { storeToRefs } from 'pinia';
import { computed } from 'vue';
import { useUploads, type Upload } from './use-uploads';

const LABELS: Record<Upload['state'], string> = {
    queued: 'Waiting',
    sending: 'Sent',
    preparing: 'Being prepared',
    ready: 'Ready',
    failed: 'Not taken',
};

const store = useUploads();
const { uploads } = storeToRefs(store);
const count = (...states: Upload['state'][]): number => uploads.value.filter(({ state }) => states.includes(state)).length;
const busy = computed(() => count('queued', 'sending', 'preparing'));
const headline = computed(() => {
    const failed = count('failed');
    return `${count('ready')} of ${uploads.value.length} ready${failed > 0 ? `, ${failed} not taken` : ''}`;
});
</script>

<style scoped>
.tray {
    position: fixed;
    z-index: 30;
    left: 16px;
    bottom: 16px;
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    width: 380px;
    max-height: 46vh;
    border: 1px solid var(--z4);
    border-radius: var(--corner);
    background: var(--z0);
    box-shadow: 0 8px 24px rgb(20 27 31 / 0.28);
}

header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    padding: 8px 12px;
    border-bottom: 2px solid var(--z4);
}

h2 {
    font-size: 14px;
}

ul {
    overflow: auto;
}

li {
    display: grid;
    grid-template-columns: 44px 1fr auto;
    align-items: center;
    gap: 10px;
    padding: 8px 12px;
    border-bottom: 1px solid var(--z3);
}

li div {
    min-width: 0;
}

b {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    font-weight: 600;
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

.failed .note {
    color: var(--rust);
}

.ready .why {
    color: var(--z6);
}
</style>

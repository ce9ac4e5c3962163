<template>
    <div v-if="picture" class="poster">
        <h3>Poster</h3>
        <video ref="video" :src="picture.file ?? undefined" controls preload="metadata" muted :aria-label="`Video ${picture.name}`" />
        <div class="row">
            <ElButton :disabled="busy" @click="useFrame">Use this frame</ElButton>
            <FileButton label="Picture for the poster" accept="image/*" :disabled="busy" @choose="given">Give a picture</FileButton>
        </div>
        <p v-if="problem" class="note bad">{{ problem }}</p>
    </div>
</template>

<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api, messageOf } from '../api/client';
import { pictureQuery, sessionQuery } from '../api/queries';
import { sendFile } from '../api/send-file';
import FileButton from '../shared/FileButton.vue';
import { announce } from '../shared/announce';
import { frameOf } from '../uploads/poster-frame';

const props = defineProps<{ pictureId: string }>();
const queries = useQueryClient();
const { data: picture } = useQuery(computed(() => pictureQuery(props.pictureId)));
const video = ref<HTMLVideoElement>();
const busy = ref(false);
const problem = ref('');

async function give(file: File): Promise<void> {
    busy.value = true;
    problem.value = '';
    try {
        const { limits } = await queries.ensureQueryData(sessionQuery());
        const outcome = await sendFile(file, {
            galleryId: null,
            arrival: null,
            partBytes: limits.part_bytes,
            onProgress: () => undefined,
            onTrouble: () => undefined,
        });
        if ('picture' in outcome) await api.patch(`pictures/${props.pictureId}`, { poster: outcome.picture.id });
        await queries.invalidateQueries({ queryKey: ['gallery'] });
        announce('The poster is set.');
    } catch (error) {
        problem.value = messageOf(error);
    } finally {
        busy.value = false;
    }
}

async function useFrame(): Promise<void> {
    if (video.value && picture.value) await give(await frameOf(video.value, picture.value.name));
}

function given([file]: File[]): void {
    if (file) void give(file);
}
</script>

<style scoped>
.poster {
    display: grid;
    gap: 8px;
}

video {
    width: 100%;
    background: var(--z8);
}

.row {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}

.row .el-button {
    margin: 0;
}

.bad {
    color: var(--rust);
}
</style>

<template>
    <AskBar label="What you typed could not be kept" leave="I do not need it" @leave="outbox.letGo(refused.key)">
        <b>{{ refused.says }}</b> You had typed: <q v-for="(text, index) in refused.texts" :key="index">{{ text }}</q>
        <template #acts>
            <ElButton v-if="refused.instead" @click="makeOwn(refused.instead)">Make it the picture’s own</ElButton>
            <ElButton @click="copy">{{ copied ? 'Copied' : 'Copy it' }}</ElButton>
        </template>
    </AskBar>
</template>

<script setup lang="ts">
import { ref } from 'vue';
import { useOutbox, type Refused } from '../outbox/use-outbox';
import { announce } from '../shared/announce';
import AskBar from '../shared/AskBar.vue';

/** Words that have no place any more, because the picture was taken out or they are none that is taken: nothing typed is thrown away. */
const props = defineProps<{ refused: Refused }>();
const outbox = useOutbox();
const copied = ref(false);

function makeOwn({ picture, words }: NonNullable<Refused['instead']>): void {
    void outbox.changePicture(picture, { words });
    outbox.letGo(props.refused.key);
    announce('It is the picture’s own word now, in the store.');
}

async function copy(): Promise<void> {
    await navigator.clipboard.writeText(props.refused.texts.join('\n'));
    copied.value = true;
    announce('Copied.');
}
</script>

<style scoped>
q {
    display: inline-block;
    margin-inline-end: 6px;
    white-space: pre-line;
    overflow-wrap: anywhere;
}
</style>

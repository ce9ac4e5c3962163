<template>
    <div class="phone">
        <ElButton size="small" :disabled="busy" @click="ask">Look at it on a phone…</ElButton>
        <p v-if="problem" class="note">{{ problem }}</p>
        <template v-if="look">
            <img v-if="code" :src="code" alt="" width="180" height="180" />
            <p class="note">
                <template v-if="look.reachable">Scan the code with a phone in the same network. </template>
                <template v-else
                    >This installation answers on this machine only. Start it with <code>bin/start --lan</code> to let phones of the network in.
                </template>
                It leads to <a :href="look.address" target="_blank" rel="noopener">{{ look.address.replace(/\/look\/.*/, '/look/…') }}</a> until
                {{ when(look.until) }}.
            </p>
        </template>
    </div>
</template>

<script setup lang="ts">
import { toDataURL } from 'qrcode';
import { ref } from 'vue';
import { useAsking } from '../account/use-asking';
import { api } from '../api/client';
import type { Look } from '../api/types';
import { when } from '../shared/when';

/** A code to scan: the page as it is saved, or as it is live, on a phone; the address is signed, and expires. */
const props = defineProps<{ page: string; of: 'draft' | 'live' }>();
const { problem, busy, ask: asking } = useAsking();
const look = ref<Look>();
const code = ref('');

const ask = (): Promise<boolean> =>
    asking(async () => {
        look.value = await api.post<Look>(`pages/${props.page}/look`, { of: props.of });
        code.value = await toDataURL(look.value.address, { margin: 1, width: 360 });
    });
</script>

<style scoped>
.phone {
    display: grid;
    gap: 8px;
    justify-items: start;
}

.note {
    overflow-wrap: anywhere;
}
</style>

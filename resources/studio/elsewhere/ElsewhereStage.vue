<template>
    <div class="stage">
        <section class="mat" aria-label="As it looks there">
            <div class="bar">
                <ElSelect v-model="host" aria-label="On what page it is tried">
                    <ElOption v-for="one in data?.hosts" :key="one.key" :value="one.key" :label="one.label" />
                </ElSelect>
                <ElRadioGroup v-model="window" aria-label="How wide the window is">
                    <ElRadioButton :value="0">Wide</ElRadioButton>
                    <ElRadioButton :value="390">Phone</ElRadioButton>
                </ElRadioGroup>
                <p class="note">As it is saved, on a made-up page.</p>
            </div>
            <iframe :key="shown" :src="shown" title="The gallery on a page elsewhere" :style="{ width: window === 0 ? '100%' : `${window}px` }" />
        </section>
        <aside v-if="data && chosen" class="panel" aria-label="What to copy">
            <div>
                <RouterLink class="back" :to="{ name: 'pages', params: { id } }">← Pages of this site</RouterLink>
                <h2>On other sites</h2>
            </div>
            <SegmentChoice v-model="kind" label="How it comes there" :columns="5" :options="data.kinds.map((one) => ({ value: one.kind, label: one.label }))" />
            <p>{{ chosen.says }}</p>
            <p v-if="!data.is_live" class="warn">It is not live yet: visitors there see a sentence until you put it live.</p>
            <p v-else-if="data.lock.is_locked" class="warn">It is locked: visitors there are told that it opens on your own site only.</p>
            <label v-if="kind === 'html'" class="width">
                <span>Width of the place there, in px (0: not known)</span>
                <ElInputNumber v-model="width" :min="0" :max="4000" :step="20" />
            </label>
            <PieceToCopy v-for="piece in chosen.pieces" :key="piece.place" :piece="piece" :rows="chosen.pieces.length > 1 ? 4 : 6" />
            <ElCollapse ref="parts" v-model="open" accordion>
                <FoldItem name="What the other page must allow" :brief="`Policy: ${chosen.policy.length} directives`">
                    <p>Only where it sends a Content-Security-Policy:</p>
                    <ul class="policy">
                        <li v-for="line in chosen.policy" :key="line">
                            <code>{{ line }}</code>
                            <span v-if="line.startsWith('trusted-types')" class="note">where it asks for trusted types</span>
                            <span v-else-if="line.includes('sha256')" class="note">so that the page does not jump</span>
                        </li>
                    </ul>
                </FoldItem>
                <FoldItem name="Strict editors" :brief="survivors">
                    <EditorTry :kinds="data.kinds" :kind="kind" :strengths="data.strengths" @kind="kind = $event" />
                </FoldItem>
                <FoldItem name="Check a page" brief="Finds what is missing, doubled, thrown away or of yesterday">
                    <PageCheck :gallery="id" @kind="kind = $event" />
                </FoldItem>
                <FoldItem name="Who may embed it" :brief="whoSays">
                    <WhoMayEmbed
                        label="Who may embed it"
                        :path="`galleries/${id}/elsewhere`"
                        :told="data.rule"
                        :options="[{ key: 'site', label: `As the site has it: ${siteSays}` }, ...data.rules]"
                        :refusals="data.refusals"
                        @changed="refetch()"
                    />
                </FoldItem>
                <FoldItem name="Take it along" brief="As pages, as a file for another installation, for machines">
                    <TakeAlong :id="id" :is-open="data.is_live && !data.lock.is_locked" />
                </FoldItem>
                <FoldItem name="Password" :brief="data.lock.is_locked ? 'Locked' : 'None: anyone may see it'">
                    <LockPanel :gallery="id" :lock="data.lock" @changed="refetch()" />
                </FoldItem>
            </ElCollapse>
        </aside>
    </div>
</template>

<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { api, withQuery } from '../api/client';
import type { Elsewhere, EmbedKind } from '../api/types';
import FoldItem from '../shared/FoldItem.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import EditorTry from './EditorTry.vue';
import LockPanel from './LockPanel.vue';
import PageCheck from './PageCheck.vue';
import PieceToCopy from './PieceToCopy.vue';
import TakeAlong from './TakeAlong.vue';
import WhoMayEmbed from './WhoMayEmbed.vue';

/** A gallery on pages of other sites: five ways, as each of them will look, and who may have it. */

/** ms that a part takes to open. */
const OPENS = 320;

const props = defineProps<{ id: string }>();
const kind = ref<EmbedKind>('script');
const host = ref('plain');
const width = ref(0);
const window = ref(0);
const open = ref('');
const parts = ref<{ $el: HTMLElement }>();
// What was opened is seen, however far down it is.
watch(open, (name) => setTimeout(() => name && parts.value?.$el.querySelector('.el-collapse-item.is-active')?.scrollIntoView({ block: 'nearest' }), OPENS));

const { data, refetch } = useQuery({
    queryKey: computed(() => ['elsewhere', props.id, width.value]),
    queryFn: () => api.get<Elsewhere>(withQuery(`galleries/${props.id}/elsewhere`, { width: width.value })),
    placeholderData: (before) => before,
    staleTime: 0,
});
const chosen = computed(() => data.value?.kinds.find((one) => one.kind === kind.value));
const shown = computed(() => withQuery(`/studio/there/${props.id}`, { kind: kind.value, host: host.value, width: width.value }));
const survivors = computed(() => {
    const strongest = data.value?.strengths.filter(({ key }) => chosen.value?.survives.includes(key)).pop();
    return strongest ? `${chosen.value?.label}: whole in ${strongest.label.toLowerCase()} ones` : `${chosen.value?.label}: whole in none`;
});
const says = (rule: Elsewhere['site_rule']): string =>
    rule.rule === 'these'
        ? `only ${rule.origins.length === 1 ? rule.origins[0] : `${rule.origins.length} sites`}`
        : (data.value?.rules.find(({ key }) => key === rule.rule)?.label.toLowerCase() ?? '');
const siteSays = computed(() => (data.value ? says(data.value.site_rule) : ''));
const whoSays = computed(() => {
    const refused = data.value?.refusals.length ?? 0;
    const rule = data.value?.rule ? says(data.value.rule) : `as the site has it, ${siteSays.value}`;
    return `${rule[0]?.toUpperCase()}${rule.slice(1)}${refused > 0 ? `; ${refused} refused` : ''}`;
});
</script>

<style scoped>
.stage {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 400px;
    height: 100%;
}

.mat {
    display: grid;
    grid-template-rows: auto minmax(0, 1fr);
    gap: 12px;
    justify-items: center;
    min-height: 0;
    padding: 14px 18px 18px;
    background: var(--mat);
}

.bar {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    align-items: center;
    width: 100%;
}

.bar .el-select {
    width: 200px;
}

.bar .note {
    color: var(--z6);
}

iframe {
    max-width: 100%;
    height: 100%;
    border: 1px solid var(--z4);
    background: #fff;
}

.panel {
    display: flex;
    flex-direction: column;
    gap: 14px;
    padding: 14px 16px;
    border-left: 2px solid var(--z4);
    background: var(--z0);
    overflow: auto;
}

.back {
    font-size: 13px;
}

.warn {
    padding: 8px 10px;
    border-inline-start: 3px solid var(--primer);
    background: var(--z1);
}

.width {
    display: grid;
    gap: 5px;
    font-size: 13px;
    color: var(--z6);
}

.policy li {
    padding: 4px 0;
    overflow-wrap: anywhere;
}

.policy .note {
    display: block;
}

code {
    font:
        12px/1.5 ui-monospace,
        monospace;
}

/* One below the other: the screen scrolls. */
@media (width < 900px) {
    .stage {
        grid-template-columns: minmax(0, 1fr);
        grid-template-rows: 70vh auto;
        height: auto;
    }

    .panel {
        border: 0;
    }
}
</style>

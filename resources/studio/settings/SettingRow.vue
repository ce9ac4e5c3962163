<template>
    <div class="setting">
        <template v-if="left">
            <p class="left">
                <span>{{ setting.label }}</span> <b>by itself</b>
            </p>
        </template>
        <KindPicker
            v-else-if="setting.path === 'layout.kind'"
            :setting="setting as ChoiceSetting"
            :model-value="String(value)"
            @update:model-value="emit('change', $event)"
        />
        <label v-else-if="setting.control === 'choice' && isLong" class="list">
            <span>{{ setting.label }}</span>
            <ElSelect :model-value="String(value)" :aria-label="setting.label" @update:model-value="emit('change', $event)">
                <ElOption v-for="option in setting.options" :key="option.value" :value="option.value" :label="option.label" />
            </ElSelect>
        </label>
        <SegmentChoice
            v-else-if="setting.control === 'choice'"
            :label="setting.label"
            :options="setting.options"
            :model-value="String(value)"
            @update:model-value="emit('change', $event)"
        />
        <ShapeControl v-else-if="setting.control === 'shape'" :setting="setting" :model-value="String(value)" @update:model-value="emit('change', $event)" />
        <ElCheckbox v-else-if="setting.control === 'flag'" :model-value="value === true" @update:model-value="emit('change', $event === true)">{{
            setting.label
        }}</ElCheckbox>
        <ColourControl
            v-else-if="setting.control === 'colour'"
            :label="setting.label"
            :model-value="String(value)"
            :colours="colours"
            @update:model-value="emit('change', $event)"
        />
        <TextControl
            v-else-if="setting.control === 'text' || setting.control === 'css'"
            :label="setting.label"
            :allowed="setting.control === 'text' ? setting.allowed : ''"
            :longest="setting.longest"
            :lines="setting.control === 'css' ? 6 : 1"
            :model-value="String(value)"
            @update:model-value="emit('change', $event)"
        />
        <PictureControl
            v-else-if="setting.control === 'picture'"
            :label="setting.label"
            :model-value="String(value)"
            @update:model-value="emit('change', $event)"
        />
        <template v-else>
            <NumberControl
                :label="setting.label"
                :model-value="Number(value)"
                :least="setting.least"
                :most="setting.most"
                :unit="setting.unit"
                :words="setting.words"
                @update:model-value="emit('change', $event)"
            />
            <SegmentChoice
                v-if="setting.named.length > 0"
                seen-elsewhere
                :label="setting.label"
                :options="setting.named.map((one) => ({ value: String(one.value), label: one.label }))"
                :model-value="String(value)"
                @update:model-value="emit('change', Number($event))"
            />
        </template>
        <ElButton v-if="setting.can_be_left" size="small" @click="emit('change', left ? begin : null)">
            {{ left ? `Set ${setting.label.toLowerCase()}` : 'Leave it to itself' }}
        </ElButton>
    </div>
</template>

<script setup lang="ts">
import { computed } from 'vue';
import type { ChoiceSetting, PageColours, Setting } from '../api/types';
import NumberControl from '../shared/NumberControl.vue';
import SegmentChoice from '../shared/SegmentChoice.vue';
import ColourControl from './ColourControl.vue';
import KindPicker from './KindPicker.vue';
import PictureControl from './PictureControl.vue';
import ShapeControl from './ShapeControl.vue';
import TextControl from './TextControl.vue';
import type { SettingValue } from './settings';

/** One setting by the control that its kind asks for; PHP says which that is, and all its facts. */
const props = withDefaults(defineProps<{ setting: Setting; value: SettingValue; colours?: PageColours['colours'] }>(), { colours: () => [] });
const emit = defineEmits<{ change: [value: SettingValue] }>();

/** Letters of all options that fit side by side. */
const BESIDE = 48;

const left = computed(() => props.setting.can_be_left && props.value === null);
/** Words that do not stand beside each other are a list that drops down. */
const isLong = computed(() => props.setting.control === 'choice' && props.setting.options.reduce((sum, { label }) => sum + label.length, 0) > BESIDE);
/** What is proposed to one who no longer leaves it to itself. */
const begin = computed<SettingValue>(() => {
    const { setting } = props;
    if (setting.control === 'colour') return setting.first;
    if (setting.control === 'choice' || setting.control === 'shape') return setting.options[0]?.value ?? null;
    if (setting.control !== 'number') return null;
    return Math.round(setting.least + (setting.most - setting.least) / 4);
});
</script>

<style scoped>
.setting {
    display: grid;
    gap: 6px;
    justify-items: stretch;
}

.setting > .el-button {
    justify-self: start;
}

.list {
    display: grid;
    gap: 4px;
    font-size: 13px;
    color: var(--z6);
}

.left {
    display: flex;
    justify-content: space-between;
    font-size: 13px;
    color: var(--z6);
}

b {
    font-weight: 600;
    color: var(--z8);
}
</style>

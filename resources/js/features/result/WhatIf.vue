<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import RescoreCard from '@/shared/RescoreCard.vue';
import type { Schemas } from '@/shared/api/client';
import { NamedSelect } from '@/shared/NamedSelect';
import { computed, ref, shallowRef, watch } from 'vue';
import { listShelf, type Entry } from '@/shared/library/api';
import { rescore } from './api';

/* The same marks under another checklist, of whatever version; the record is not touched. */
const props = defineProps<{ attempt: string }>();
const checklists = shallowRef<Entry[]>();
const chosen = ref<number | null>(null);
const outcome = shallowRef<Schemas['RescoreResource']>();
const why = ref('');

void listShelf('checklist').then((read) => (checklists.value = read));
const options = computed(() =>
    (checklists.value ?? []).flatMap(({ versions }) =>
        versions.map((one) => ({
            value: one.id,
            label: `${one.name}, version ${one.version}${one.in_force ? '' : ' (not in force)'}`,
        })),
    ),
);

watch(chosen, async (id) => {
    outcome.value = undefined;
    why.value = '';
    if (id === null) return;
    try {
        outcome.value = await rescore(props.attempt, id);
    } catch (error) {
        why.value = wordsOf(error);
    }
});
</script>

<template>
    <div class="choose">
        <NamedSelect
            v-model:value="chosen"
            :options="options"
            :loading="checklists === undefined"
            size="large"
            placeholder="Choose a checklist or another version"
            data-test="what-if"
            :input-props="{ 'aria-label': 'Checklist to score under' }"
        />
    </div>
    <p v-if="why" role="alert">{{ why }}</p>
    <RescoreCard v-if="outcome" :rescore="outcome" />
</template>

<style scoped>
.choose {
    max-width: 520px;
}
</style>

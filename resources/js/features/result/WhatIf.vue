<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { NButton } from 'naive-ui';
import RescoreCard from '@/shared/RescoreCard.vue';
import type { Schemas } from '@/shared/api/client';
import { NamedSelect } from '@/shared/NamedSelect';
import { ref, shallowRef, watch } from 'vue';
import { listShelf } from '@/shared/library/api';
import { useLoad } from '@/shared/useLoad';
import { rescore } from './api';

/* The same marks under another checklist, of whatever version; the record is not touched. */
const props = defineProps<{ attempt: string }>();
const chosen = ref<number | null>(null);
const outcome = shallowRef<Schemas['RescoreResource']>();
const why = ref('');

const { loaded, again } = useLoad(async () =>
    (await listShelf('checklist')).flatMap(({ versions }) =>
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
            :options="loaded.state === 'ready' ? loaded.data : []"
            :loading="loaded.state === 'loading'"
            size="large"
            placeholder="Choose a checklist or another version"
            data-test="what-if"
            :input-props="{ 'aria-label': 'Checklist to score under' }"
        />
    </div>
    <p v-if="loaded.state === 'failed'" role="alert" class="acts">
        {{ loaded.why }} <NButton @click="again">Try again</NButton>
    </p>
    <p v-if="why" role="alert">{{ why }}</p>
    <RescoreCard v-if="outcome" :rescore="outcome" />
</template>

<style scoped>
.choose {
    max-width: 520px;
}
</style>

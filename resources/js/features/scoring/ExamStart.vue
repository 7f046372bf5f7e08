<script setup lang="ts">
import { NButton, NCheckbox } from 'naive-ui';
import { computed, ref } from 'vue';
import { useIdentity } from './useIdentity';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* Before an examination: the same for everybody, confirmed and kept with the record. */
const props = defineProps<{ walk: OpenAttempt }>();
const emit = defineEmits<{ begin: [] }>();
const { questions } = useIdentity(() => props.walk.attempt.value);
const confirmed = ref<string[]>([]);
const all = computed(() => questions.value.every(({ id }) => confirmed.value.includes(id)));

function begin(): void {
    props.walk.mark.note(`Confirmed at the start: ${questions.value.map(({ kept }) => kept).join('; ')}.`);
    emit('begin');
}
</script>

<template>
    <main class="start">
        <h1>Before the examination begins</h1>
        <ul>
            <li v-for="question in questions" :key="question.id">
                <NCheckbox
                    size="large"
                    :checked="confirmed.includes(question.id)"
                    :data-confirm="question.id"
                    @update:checked="
                        (on) =>
                            (confirmed = on
                                ? [...confirmed, question.id]
                                : confirmed.filter((one) => one !== question.id))
                    "
                    >{{ question.asks }}</NCheckbox
                >
            </li>
        </ul>
        <p class="quiet">
            The screen stays silent: no totals, no hints, the same for everybody. Clear the area and wear the belt
            before the rolling test; chocks in before brakes are released, out before the truck moves. The state's
            current manual comes first.
        </p>
        <div>
            <NButton type="primary" size="large" :disabled="!all" data-test="begin" @click="begin">Begin</NButton>
        </div>
    </main>
</template>

<style scoped>
.start {
    padding: var(--space-8) var(--space-7);
    display: grid;
    gap: var(--space-6);
    max-width: 720px;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    min-height: 60px;
    display: flex;
    align-items: center;
    border-bottom: 1px solid var(--line);
    font-size: var(--size-strong);
}
</style>

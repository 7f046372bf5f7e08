<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Place } from '@/shared/attempt/api';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* "The same as the last one, except ...": tap what was excepted, then what it is the same as. */
const props = defineProps<{ place: Place; walk: OpenAttempt }>();
const emit = defineEmits<{ close: [] }>();
const except = ref<string[]>([]);

/** The whole axle is said by one reference, all its places. */
const items = computed(() =>
    props.walk.places.value
        .filter(
            (one) =>
                one.id === props.place.id ||
                (props.place.axles.length > 0 && one.axles.join() === props.place.axles.join()),
        )
        .flatMap((one) => one.items),
);

function toggle(id: string): void {
    except.value = except.value.includes(id) ? except.value.filter((one) => one !== id) : [...except.value, id];
}

function say(from: string, label: string): void {
    props.walk.mark.carryOver(props.place, from, label, except.value);
    emit('close');
}
</script>

<template>
    <section class="same" aria-label="The same as">
        <div class="acts">
            <strong>The same as the</strong>
            <NButton
                v-for="choice in place.references"
                :key="choice.from"
                type="primary"
                :data-from="choice.from"
                @click="say(choice.from, choice.label)"
                >{{ choice.label }}</NButton
            >
            <NButton quaternary @click="emit('close')">Cancel&nbsp;<kbd>Esc</kbd></NButton>
        </div>
        <p>Except, if anything was named:</p>
        <div class="acts">
            <button
                v-for="item in items"
                :key="item.id"
                type="button"
                :aria-pressed="except.includes(item.id)"
                :data-except="item.id"
                @click="toggle(item.id)"
            >
                {{ item.name }}
            </button>
        </div>
    </section>
</template>

<style scoped>
.same {
    display: grid;
    gap: var(--space-3);
    padding: var(--space-5) var(--space-6);
    background: var(--sunken);
    border-bottom: 2px solid var(--ink);
    max-height: 46dvh;
    overflow-y: auto;
}
button[aria-pressed] {
    min-height: 48px;
    padding: 0 var(--space-5);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
    background: var(--panel);
    cursor: pointer;
}
button[aria-pressed='true'] {
    border-color: var(--lost);
    text-decoration: line-through;
}
</style>

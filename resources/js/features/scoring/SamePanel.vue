<script setup lang="ts">
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import type { Place } from '@/shared/attempt/api';
import type { OpenAttempt } from '@/shared/attempt/useAttempt';

/* "The same as the last one, except ...": tap what was excepted, then what it is the same as. */
const props = defineProps<{ place: Place; walk: OpenAttempt }>();
const emit = defineEmits<{ close: [] }>();
const except = ref<string[]>([]);

/** The whole axle is said by one reference, all its places, unless only some were meant. */
const places = computed(() =>
    props.walk.places.value.filter(
        (one) =>
            one.id === props.place.id ||
            (props.place.axles.length > 0 && one.axles.join() === props.place.axles.join()),
    ),
);
const left = ref<string[]>([]);
const meant = computed(() => places.value.filter(({ id }) => !left.value.includes(id)));
const items = computed(() => meant.value.flatMap((one) => one.items));

function take(id: string): void {
    const now = left.value.includes(id) ? left.value.filter((one) => one !== id) : [...left.value, id];
    // At least one of them was meant.
    if (now.length < places.value.length) left.value = now;
}

function toggle(id: string): void {
    except.value = except.value.includes(id) ? except.value.filter((one) => one !== id) : [...except.value, id];
}

function say(from: string, label: string): void {
    props.walk.mark.carryOver(meant.value, from, label, except.value);
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
                :type="choice.credited ? 'primary' : 'default'"
                :data-from="choice.from"
                @click="say(choice.from, choice.label)"
                >{{ choice.label }}{{ choice.credited ? '' : ', earns nothing' }}</NButton
            >
            <NButton quaternary @click="emit('close')">Cancel&nbsp;<kbd>Esc</kbd></NButton>
        </div>
        <div v-if="places.length > 1" class="acts" role="group" aria-label="What was meant">
            <span>Meant:</span>
            <button
                v-for="one in places"
                :key="one.id"
                type="button"
                class="meant"
                :aria-pressed="!left.includes(one.id)"
                :data-meant="one.id"
                @click="take(one.id)"
            >
                {{ one.name }}
            </button>
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
                {{ item.name }}{{ item.where.includes('side') ? `, ${item.where}` : '' }}
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
button[aria-pressed='true']:not(.meant) {
    border-color: var(--lost);
    text-decoration: line-through;
}
.meant[aria-pressed='true'] {
    border-color: var(--ink);
    box-shadow: inset 0 0 0 2px var(--ink);
    font-weight: 700;
}
</style>

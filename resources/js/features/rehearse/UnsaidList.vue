<script setup lang="ts">
import type { Readiness } from '@/shared/progress/api';
import { NButton } from 'naive-ui';
import { computed, onScopeDispose, ref } from 'vue';
import { modelUrl, type Unsaid } from './api';

/* What was not said, with the words for it; on wish a voice speaks them. */
const props = defineProps<{ unsaid: Unsaid[]; readiness: Readiness; student: number }>();
const places = computed(() =>
    props.readiness.inspection.places
        .map((place) => ({ place, items: props.unsaid.filter((one) => one.place === place.id) }))
        .filter(({ items }) => items.length > 0),
);
const spoken = ref('');
const why = ref('');
const voice = new Audio();
voice.onended = () => (spoken.value = '');
onScopeDispose(() => voice.pause());

async function speak(scope: string): Promise<void> {
    voice.pause();
    why.value = '';
    if (spoken.value === scope) {
        spoken.value = '';
        return;
    }
    spoken.value = scope;
    const { checklist_id: checklist, vehicle_id: vehicle } = props.readiness;
    voice.src = modelUrl(props.student, { checklist, vehicle, scope });
    await voice.play().catch((error: unknown) => {
        if (error instanceof DOMException && error.name === 'AbortError') return;
        spoken.value = '';
        why.value = 'The voice cannot be heard now: no network, or no sound on this device. The words stand here.';
    });
}
</script>

<template>
    <p v-if="why" role="alert" class="alert">{{ why }}</p>
    <section v-for="{ place, items } in places" :key="place.id">
        <header>
            <h3>{{ place.name }}</h3>
            <NButton
                :aria-pressed="spoken === `place:${place.id}`"
                :data-hear-place="place.id"
                @click="speak(`place:${place.id}`)"
                >{{ spoken === `place:${place.id}` ? 'Stop' : 'Hear all of it said' }}</NButton
            >
        </header>
        <ul>
            <li v-for="one in items" :key="one.item" :data-unsaid="one.item">
                <div>
                    <strong>{{ one.name }}</strong>
                    <span class="quiet">{{ one.named ? `not said: ${one.missing.join('; ')}` : 'not said' }}</span>
                    <p>“{{ one.say }}”</p>
                </div>
                <NButton quaternary :aria-pressed="spoken === `item:${one.item}`" @click="speak(`item:${one.item}`)">{{
                    spoken === `item:${one.item}` ? 'Stop' : 'Hear it said'
                }}</NButton>
            </li>
        </ul>
    </section>
</template>

<style scoped>
header,
li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: var(--space-2) var(--space-5);
}
header {
    border-bottom: 2px solid var(--ink);
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    padding: var(--space-3) 0;
    border-bottom: 1px solid var(--line);
}
li div {
    flex: 1 1 320px;
}
li .quiet {
    margin-left: var(--space-4);
}
p {
    margin: 0;
    max-width: 76ch;
}
</style>

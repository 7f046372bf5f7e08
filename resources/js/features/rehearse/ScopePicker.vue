<script setup lang="ts">
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import TapButton from '@/shared/TapButton.vue';
import type { Readiness } from '@/shared/progress/api';
import { computed } from 'vue';
import type { ScopeChoice } from './api';

/* Which part of the vehicle do you want to say? */
const props = defineProps<{ readiness: Readiness }>();
const emit = defineEmits<{ choose: [ScopeChoice] }>();
const of = (kind: ScopeChoice['kind']): ScopeChoice[] => props.readiness.scopes.filter((one) => one.kind === kind);
const groups = computed(() =>
    [
        { title: 'One section', choices: of('section') },
        { title: 'One axle', choices: of('axle') },
        { title: 'All of it', choices: of('whole') },
    ].filter(({ choices }) => choices.length > 0),
);

function go(place: string): void {
    const choice = of('place').find(({ scope }) => scope === `place:${place}`);
    if (choice !== undefined) emit('choose', choice);
}
</script>

<template>
    <header>
        <h1>What do you want to rehearse?</h1>
        <p>
            {{ readiness.vehicle }}, by {{ readiness.checklist }}. Say it aloud as at the vehicle, or type it; the plan
            fills with what is heard. It counts on no sheet.
        </p>
    </header>
    <section>
        <h2>One place: tap it on the plan</h2>
        <VehiclePlan :inspection="readiness.inspection" interactive @go="go" />
    </section>
    <section v-for="group in groups" :key="group.title">
        <h2>{{ group.title }}</h2>
        <div class="acts">
            <TapButton
                v-for="one in group.choices"
                :key="one.scope"
                :data-scope="one.scope"
                @click="emit('choose', one)"
                >{{ one.name }} <span class="numeral quiet">{{ one.items }}</span></TapButton
            >
        </div>
    </section>
</template>

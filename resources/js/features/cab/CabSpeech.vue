<script setup lang="ts">
import SayLine from '@/shared/speech/SayLine.vue';
import type { CaptionSource } from '@/shared/speech/sources/CaptionSource';
import { StandIn } from '@/shared/speech/sources/StandIn';
import TapButton from '@/shared/TapButton.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import { computed } from 'vue';
import type { Cab } from './useCab';

/* What is said: picked, typed, or heard. The server finds out what it means for the tests. */
const STAND_IN_WORDS_A_MINUTE = 130;
const props = defineProps<{ cab: Cab }>();
const psi = computed(() => Math.round(props.cab.gauges.value.primary));
const last = computed(() => props.cab.controls.value.findLast(({ kind }) => kind === 'spoken')?.text);
const picks = computed(() => [
    { id: 'start', text: `At the start my gauge reads ${psi.value}.` },
    { id: 'end', text: `At the end my gauge reads ${psi.value}.` },
    { id: 'clear', text: 'The area is clear.' },
]);
/** The limit is said of one test; which one has to be chosen, in an exam too. */
const limits = computed(() => props.cab.choice.sequence.limits.map(({ test, label }) => ({ value: test, label })));
const sayLimit = (test: (typeof limits.value)[number]['value']): void =>
    props.cab.touch({ kind: 'said', to: 'limit', test });
const say = (text: string): void => props.cab.touch({ kind: 'spoken', text });
const standIn = (): CaptionSource =>
    new StandIn(
        picks.value.map(({ text }) => text),
        STAND_IN_WORDS_A_MINUTE,
        0,
    );
</script>

<template>
    <section class="speech" aria-label="Say">
        <div class="picks">
            <TapButton v-for="{ id, text } in picks" :key="id" dotted :data-say="id" @click="say(text)">
                “{{ text }}”
            </TapButton>
        </div>
        <NamedSelect
            v-if="limits.length > 0"
            :value="null"
            placeholder="I say the limit of …"
            :options="limits"
            :input-props="{ 'aria-label': 'Say the limit of' }"
            data-test="say-limit"
            @update:value="sayLimit"
        />
        <SayLine
            label="Say in your own words"
            placeholder="Or in your own words: the limit, the reading, …"
            button="Say"
            :stand-in="standIn"
            @say="say"
        />
        <p class="quiet last">{{ last ? `Said: “${last}”` : 'Nothing said yet.' }}</p>
    </section>
</template>

<style scoped>
.speech {
    display: grid;
    gap: var(--space-3);
}
.picks {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    gap: var(--space-3);
}
.picks > * {
    text-align: start;
}
.last {
    margin: 0;
}
</style>

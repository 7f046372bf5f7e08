<script setup lang="ts">
import { wordsOf } from '@/shared/wordsOf';
import { dayAndTime } from '@/shared/format';
import { v7 } from 'uuid';
import { computed, ref } from 'vue';
import { sign, type Result } from './api';
import SignPad from './SignPad.vue';
import { strokePath } from './strokePath';

/* Both signatures under the record as it stands; what is not signed yet, or was changed since, can be signed. */
const props = defineProps<{ result: Result }>();
const emit = defineEmits<{ signed: [] }>();
const why = ref('');
let id = v7();

const parties = computed(() =>
    (['scorer', 'student'] as const).map((party) => ({
        party,
        name: party === 'scorer' ? props.result.card.scorer : props.result.card.student,
        signature: props.result.signatures.findLast((one) => one.party === party),
    })),
);

async function keep(party: 'scorer' | 'student', name: string, strokes: number[][], code: string): Promise<void> {
    why.value = '';
    try {
        const typed = strokes.length === 0 && code === '';
        await sign(props.result.card.id, { id, party, name, strokes, typed, code: code === '' ? null : code });
        id = v7();
        emit('signed');
    } catch (error) {
        why.value = wordsOf(error);
    }
}
</script>

<template>
    <section v-if="result.may_sign.length > 0 || result.signatures.length > 0">
        <h2>Signed</h2>
        <p v-if="result.pace" class="alert" role="alert" data-test="pace">{{ result.pace }}</p>
        <div class="both">
            <div v-for="{ party, name, signature } in parties" :key="party">
                <template v-if="signature">
                    <p v-if="signature.strokes.length === 0" class="typed">
                        {{ signature.name }}
                    </p>
                    <svg
                        v-else
                        viewBox="0 0 1000 1000"
                        preserveAspectRatio="none"
                        role="img"
                        :aria-label="signature.name"
                    >
                        <path :d="strokePath(signature.strokes)" />
                    </svg>
                    <p>
                        {{ signature.name }}, {{ party }}
                        <span class="quiet"
                            >{{ dayAndTime(signature.signed_at) }}, {{ signature.means
                            }}{{ signature.entered_by ? `, entered by ${signature.entered_by}` : '' }}</span
                        >
                    </p>
                    <p v-if="!signature.stands" class="changed" role="status" :data-test="`changed-${party}`">
                        The record was changed since this was signed.
                    </p>
                </template>
                <SignPad
                    v-if="result.may_sign.includes(party) && signature?.stands !== true"
                    :key="result.signatures.length"
                    :name="name"
                    :party="party"
                    :is-other="result.may_sign.length > 1 && party === 'student'"
                    @signed="(writer, strokes, code) => keep(party, writer, strokes, code)"
                />
                <p v-else-if="!signature" class="quiet">Not signed by the {{ party }}.</p>
            </div>
        </div>
        <p v-if="why" role="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: var(--space-5);
}
.both {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
    gap: var(--space-8);
}
svg {
    width: 100%;
    height: 120px;
    border-bottom: 2px solid var(--ink);
}
path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linecap: round;
    stroke-linejoin: round;
    vector-effect: non-scaling-stroke;
}
.typed {
    font-size: var(--size-title);
    font-style: italic;
    border-bottom: 2px solid var(--ink);
    padding-block: var(--space-6) var(--space-2);
}
.typed span {
    font-size: var(--size-small);
    font-style: normal;
}
.changed {
    border-left: 8px solid var(--late);
    padding-left: var(--space-5);
    font-weight: 600;
}
</style>

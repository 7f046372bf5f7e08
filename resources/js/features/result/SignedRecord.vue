<script setup lang="ts">
import { computed, ref } from 'vue';
import { sign, type Result } from './api';
import SignPad from './SignPad.vue';
import { strokePath } from './strokePath';

/* Both signatures under the record, each with its time; what is not signed yet can be. */
const props = defineProps<{ result: Result }>();
const emit = defineEmits<{ signed: [] }>();
const why = ref('');

const parties = computed(() =>
    (['scorer', 'student'] as const).map((party) => ({
        party,
        name: party === 'scorer' ? props.result.card.scorer : props.result.card.student,
        signature: props.result.signatures.find((one) => one.party === party),
    })),
);
const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

async function keep(party: 'scorer' | 'student', name: string, strokes: number[][]): Promise<void> {
    why.value = '';
    try {
        await sign(props.result.card.id, { party, name, strokes });
        emit('signed');
    } catch (error) {
        why.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <section v-if="result.may_sign || result.signatures.length > 0">
        <h2>Signed</h2>
        <div class="both">
            <div v-for="{ party, name, signature } in parties" :key="party">
                <template v-if="signature">
                    <svg viewBox="0 0 1000 1000" preserveAspectRatio="none" role="img" :aria-label="signature.name">
                        <path :d="strokePath(signature.strokes)" />
                    </svg>
                    <p>
                        {{ signature.name }}, {{ party }}
                        <span class="quiet">{{ time.format(new Date(signature.signed_at)) }}</span>
                    </p>
                </template>
                <SignPad
                    v-else-if="result.may_sign"
                    :name="name"
                    :party="party"
                    @signed="(writer, strokes) => keep(party, writer, strokes)"
                />
                <p v-else class="quiet">Not signed by the {{ party }}.</p>
            </div>
        </div>
        <p v-if="why" role="alert">{{ why }}</p>
    </section>
</template>

<style scoped>
section {
    display: grid;
    gap: 12px;
}
.both {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 320px), 1fr));
    gap: 24px;
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
</style>

<script setup lang="ts">
import TapButton from '@/shared/TapButton.vue';
import { day } from '@/shared/format';
import { computed, ref } from 'vue';
import type { Readiness, Session } from '@/shared/progress/api';

/* What brings most in the minutes that there are, and the days up to the exam. */
const props = defineProps<{ readiness: Readiness; student: number }>();
const minutes = ref(10);
const session = computed(() => props.readiness.today.find((one) => one.minutes === minutes.value));
const gained = ({ gain }: { gain: number }): string =>
    100 * gain >= 0.1 ? `+${(100 * gain).toFixed(1)} in 100` : 'under 0.1 in 100';
const names = (one: Session): string => one.drills.map(({ name }) => name).join('; ');
const all = computed(() => session.value?.drills ?? []);
</script>

<template>
    <section v-if="readiness.unknown === null" data-test="next-practice">
        <h2>
            What brings most now?
            {{
                all[0]
                    ? `${all[0].name}${all.length > 1 ? ` and ${all.length - 1} more` : ''}`
                    : 'Nothing: all is known'
            }}
        </h2>
        <div class="acts" role="group" aria-label="Minutes that there are">
            <TapButton
                v-for="one in readiness.today"
                :key="one.minutes"
                :on="one.minutes === minutes"
                :aria-pressed="one.minutes === minutes"
                @click="minutes = one.minutes"
                >{{ one.minutes }} minutes</TapButton
            >
            <RouterLink
                v-if="all.length > 0"
                class="go"
                :to="{ name: 'practice', params: { id: student }, query: { minutes } }"
                >Practice now</RouterLink
            >
        </div>
        <ol class="figure-list">
            <li v-for="drill in all" :key="drill.item">
                <span>{{ drill.name }}</span>
                <span class="numeral quiet">{{ drill.minutes }} min, {{ gained(drill) }}</span>
            </li>
        </ol>
        <details v-if="readiness.plan.length > 0">
            <summary>Up to the exam: {{ readiness.plan.length }} times 20 minutes</summary>
            <dl>
                <template v-for="one in readiness.plan" :key="one.on ?? ''">
                    <dt>{{ one.on === null ? '' : day(one.on) }}, {{ one.minutes }} min</dt>
                    <dd>{{ names(one) }}</dd>
                </template>
            </dl>
        </details>
        <p class="quiet">
            {{
                readiness.recited === 0
                    ? 'Nothing was recited in the last two weeks.'
                    : `${readiness.recited} parts recited in two weeks, ${readiness.recited_whole} of them whole.`
            }}
            A part takes about a minute, a brake test three. What was practiced fades and comes back before it is gone.
        </p>
    </section>
</template>

<style scoped>
.go {
    min-height: 56px;
    padding: var(--space-5) var(--space-7);
    border-radius: var(--round-large);
    background: var(--strong);
    color: var(--paper);
    font-weight: 700;
    text-decoration: none;
}
dl {
    margin: 0;
}
dt {
    font-weight: 700;
}
dd {
    margin: 0 0 var(--space-4);
    max-width: 76ch;
}
</style>

<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { readScoringHealth, type ScoringHealth } from '@/shared/progress/api';
import { percentOf } from '@/shared/progress/chances';
import { useLoad } from '@/shared/useLoad';

/* How alike do we score? A figure is a question to talk about, not a mark for anybody. */
const { loaded, again } = useLoad(readScoringHealth);
type Scorer = ScoringHealth['scorers'][number];

const ways = { stricter: 'stricter by', milder: 'milder by', alike: 'like the others, within' };

function beside({ way, items_of_100: items, doubt }: Scorer): string {
    if (way === 'unknown' || items === null) return 'too few walks to say';
    return `${ways[way]} ${Math.abs(items).toFixed(1)} items in 100, give or take ${doubt.toFixed(1)}`;
}
const agreed = ({ kappa_permille: kappa, shared }: Scorer): string =>
    shared === 0
        ? 'no walk was scored by two'
        : `${kappa === null ? 'no figure' : `kappa ${figure(kappa)}`} over ${shared} shared walks`;
/* What has changed is a sentence of its own: a kappa that falls is as telling as a scorer who became milder. */
function moved({ moved: way, moved_items_of_100: items, kappa_before: before, kappa_now: now }: Scorer): string {
    if (way === 'unknown' || items === null) return 'too few shared walks to say';
    const kappas = before === null || now === null ? '' : `; kappa ${figure(before)}, now ${figure(now)}`;
    return way === 'alike' ? `as before${kappas}` : `${way} by ${Math.abs(items).toFixed(1)} items in 100${kappas}`;
}
const figure = (permille: number): string => (permille / 1000).toFixed(2);
const apart = (data: ScoringHealth): number =>
    data.scorers.filter(({ way }) => way === 'stricter' || way === 'milder').length;
const answer = (data: ScoringHealth): string => {
    if (!data.shows_all)
        return data.scorers[0] === undefined ? 'You score no walks' : `You: ${beside(data.scorers[0])}`;
    return apart(data) === 0 ? 'Nobody stands apart' : `${apart(data)} of ${data.scorers.length} stand apart`;
};
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>How alike do we score? {{ answer(data) }}</h1>
                    <p>
                        From {{ data.attempts }} finished walks, with what each student knew taken off. It says how a
                        scorer stands beside the others, not who is right: talk about it over a walk that both score.
                    </p>
                    <p v-if="!data.shows_all" class="quiet">You see your own figure; a manager sees all.</p>
                </header>
                <table class="record-table" data-test="scorers">
                    <thead>
                        <tr>
                            <th scope="col">Who scores</th>
                            <th scope="col">Walks</th>
                            <th scope="col">Beside the others</th>
                            <th scope="col">Same walk, two scorers</th>
                            <th scope="col">Lately</th>
                        </tr>
                    </thead>
                    <tbody>
                        <tr v-for="one in data.scorers" :key="one.id">
                            <th scope="row">{{ one.name }}</th>
                            <td class="numeral">{{ one.attempts }}</td>
                            <td>{{ beside(one) }}</td>
                            <td>{{ agreed(one) }}</td>
                            <td>{{ moved(one) }}</td>
                        </tr>
                    </tbody>
                </table>
                <section v-if="data.shows_all">
                    <h2>Which items do we see differently? {{ data.differing[0]?.name ?? 'None, beyond chance' }}</h2>
                    <ul>
                        <li v-for="one in data.differing" :key="one.name">
                            {{ one.name }}: {{ one.high }} gives it {{ percentOf(one.apart) }} more often than
                            {{ one.low }}
                        </li>
                    </ul>
                </section>
                <section data-test="tells-little">
                    <h2>Which items tell little?</h2>
                    <p class="quiet">{{ data.checklist }}, {{ data.vehicle }}; items asked at least twenty times.</p>
                    <dl>
                        <dt>Hardly anybody misses</dt>
                        <dd>{{ data.never_missed.join('; ') || 'none' }}</dd>
                        <dt>Nearly everybody misses: is it taught?</dt>
                        <dd>{{ data.always_missed.join('; ') || 'none' }}</dd>
                        <dt>Earned rather by those who earn less of the rest: is it asked clearly?</dt>
                        <dd>{{ data.against_the_rest.join('; ') || 'none' }}</dd>
                    </dl>
                </section>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
dt {
    font-weight: 700;
}
dd {
    margin: 0 0 var(--space-5);
    max-width: 76ch;
}
</style>

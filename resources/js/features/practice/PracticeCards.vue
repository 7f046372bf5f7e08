<script setup lang="ts">
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import type { Readiness } from '@/shared/progress/api';
import SayLine from '@/shared/speech/SayLine.vue';
import type { CaptionSource } from '@/shared/speech/sources/CaptionSource';
import { StandIn } from '@/shared/speech/sources/StandIn';
import TapButton from '@/shared/TapButton.vue';
import CardAnswer from './CardAnswer.vue';
import { useCards } from './useCards';

/* What would you say here? One part after the other, in the order of the walk. */
const STAND_IN_WORDS_A_MINUTE = 130;
const props = defineProps<{ readiness: Readiness; student: number; minutes: number }>();
const { cards, tests, at, card, told, known, why, isBusy, say, next, again } = useCards(
    props.readiness,
    props.student,
    props.minutes,
);
const standIn = (): CaptionSource =>
    new StandIn([card.value?.item.essential.map((point) => point.say).join(', ') ?? ''], STAND_IN_WORDS_A_MINUTE, 0);
</script>

<template>
    <template v-if="card">
        <header>
            <p class="quiet numeral">Part {{ at + 1 }} of {{ cards.length }}, {{ known }} said whole</p>
            <h1>{{ card.name }}</h1>
            <p>You stand at: {{ card.placeName }}. What do you say?</p>
        </header>
        <SayLine
            v-if="told === undefined"
            :key="card.item.id"
            label="What do you say of it"
            placeholder="how it is fastened, how it is, its figure"
            button="That is what I say"
            :stand-in="standIn"
            @say="say"
        />
        <CardAnswer v-else :told="told">
            <TapButton data-test="next-card" @click="next">{{
                at + 1 < cards.length ? 'Next part' : 'To the end'
            }}</TapButton>
            <TapButton v-if="told.earned < 1000" @click="again">Say it again</TapButton>
        </CardAnswer>
        <div v-if="told === undefined" class="acts">
            <TapButton :disabled="isBusy" @click="next">Skip it</TapButton>
            <span v-if="isBusy" role="status">Listening …</span>
        </div>
        <p v-if="why" role="alert" class="alert">{{ why }}</p>
        <VehiclePlan :inspection="readiness.inspection" :looked="card.place" />
    </template>
    <template v-else>
        <h1>{{ cards.length === 0 ? 'No part to recite today' : `Done: ${known} of ${cards.length} said whole` }}</h1>
        <p v-if="tests > 0">
            {{ tests }} brake {{ tests === 1 ? 'test is' : 'tests are' }} due as well:
            <RouterLink to="/cab">practice them in the Air cab</RouterLink>.
        </p>
        <p class="quiet">Reciting counts on no sheet. The next walk tells what stayed.</p>
        <p><RouterLink :to="{ name: 'student', params: { id: student } }">Back to how ready you are</RouterLink></p>
    </template>
</template>

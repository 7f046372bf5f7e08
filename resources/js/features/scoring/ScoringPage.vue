<script setup lang="ts">
import { useSession } from '@/shared/session/useSession';
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import { NButton, NSkeleton } from 'naive-ui';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import ExamStart from './ExamStart.vue';
import FinderStrip from './FinderStrip.vue';
import FinishPanel from './FinishPanel.vue';
import LookingBar from './LookingBar.vue';
import PlaceItems from './PlaceItems.vue';
import PointsPanel from './PointsPanel.vue';
import LiveStrip from '@/shared/speech/LiveStrip.vue';
import SendingBanner from './SendingBanner.vue';
import { nothingShown } from '@/shared/attempt/shownItems';
import SidePanels from './SidePanels.vue';
import { useAttempt } from '@/shared/attempt/useAttempt';
import { useBack } from './useBack';
import { useComfort, useComfortSettings } from './useComfort';
import { useFocusBack } from './useFocusBack';
import { useScoring } from './useScoring';
import { useSureTaps } from './useSureTaps';
import WalkBar from './WalkBar.vue';

const props = defineProps<{ id: string }>();
const router = useRouter();
const { user } = useSession();
const walk = useAttempt(props.id);
const { attempt, sheet, place, shown, tallies, closed, failed } = walk;
const comfort = useComfortSettings(user.value?.id ?? 0);
useComfort(comfort, () => walk.lastAction.value?.marks[0]);
const scoring = useScoring(walk);
const { here, next, at, opened, panel, silent, finder, pointsPanel } = scoring;
useBack(
    scoring.close,
    () => scoring.show('leave'),
    () => attempt.value === undefined || !attempt.value.may_mark || sheet.value?.finished === true,
);
useFocusBack(() => panel.value !== undefined || opened.value !== undefined || finder.shows.value);
useSureTaps(useTemplateRef<HTMLElement>('screen'));
void walk.open();

const openedShown = computed(() =>
    opened.value === undefined ? undefined : (shown.value.get(opened.value.id) ?? nothingShown),
);
/** On a screen too low for plan and tiles, the plan shows when it is asked for. */
const isPlanShown = ref(false);
function lookAt(place: string): void {
    isPlanShown.value = false;
    scoring.lookAt(place);
}
const student = computed(() => walk.places.value[at.value]);
const restarts = computed(() => {
    const inspection = attempt.value?.inspection;
    if (inspection === undefined || here.value?.section !== inspection.restart_section) return undefined;
    const left = inspection.restarts_allowed - (sheet.value?.restarts ?? 0);
    return left > 0 ? left : undefined;
});

watch([attempt, () => sheet.value?.finished], ([open, finished]) => {
    if (finished === true || (open !== undefined && !open.may_mark))
        void router.replace({ name: 'result', params: { id: props.id } });
});
</script>

<template>
    <div v-if="failed" class="trouble">
        <h1>This attempt could not be opened</h1>
        <p role="alert">{{ failed }}</p>
        <p><NButton type="primary" @click="walk.open">Try again</NButton> <RouterLink to="/">Today</RouterLink></p>
    </div>
    <div v-else-if="!attempt || !attempt.may_mark" class="trouble" aria-busy="true"><NSkeleton text :repeat="8" /></div>
    <ExamStart v-else-if="scoring.toConfirm.value" :walk="walk" @begin="scoring.confirmed.value = true" />
    <div v-else ref="screen" class="screen" :class="[comfort.hand, comfort.size, { planned: isPlanShown }]">
        <button v-if="panel === 'cover'" type="button" class="cover" @click="panel = undefined">
            Screen covered. Tap to go on; keys still mark.
        </button>
        <WalkBar
            :walk="walk"
            :silent="silent"
            :totals="scoring.totals.value"
            :recording="scoring.recording"
            @note="scoring.noteOn(undefined)"
            @pause="scoring.pause"
            @tools="panel = panel === 'tools' ? undefined : 'tools'"
            @finish="panel = 'finish'"
        />
        <SendingBanner :walk="walk" />
        <p v-if="scoring.recording.why.value" class="sound-why" role="alert">
            {{ scoring.recording.why.value }}
            <NButton size="small" @click="scoring.recording.why.value = ''">Understood</NButton>
        </p>
        <LiveStrip
            v-if="scoring.live.source.value"
            :live="scoring.live"
            :walk="walk"
            :place="here"
            @confirm="(heard) => scoring.confirm(...heard)"
        />
        <FinderStrip
            v-if="finder.shows.value"
            :typed="finder.typed.value"
            :chosen="finder.chosen.value"
            :found="finder.found.value"
            :letters="finder.letters.value"
            :shown="shown"
            @mark="finder.mark"
            @points="finder.points"
            @letter="finder.type"
            @erase="finder.erase"
            @close="finder.close"
        />
        <FinishPanel
            v-if="panel === 'finish'"
            :walk="walk"
            :scoring="scoring"
            :silent="silent && !scoring.totals.value"
            @back="panel = undefined"
            @finish="walk.mark.finish"
            @go="scoring.lookAt"
        />
        <template v-else>
            <SidePanels
                :walk="walk"
                :scoring="scoring"
                :comfort="comfort"
                @comfort="(change) => Object.assign(comfort, change)"
            />
            <VehiclePlan
                class="plan"
                :inspection="attempt.inspection"
                :tallies="silent && !scoring.totals.value ? undefined : tallies"
                :current="place"
                :looked="scoring.looking.value?.id"
                :closed="closed"
                interactive
                @go="lookAt"
            />
            <LookingBar
                v-if="scoring.looking.value && student"
                :student="student.name"
                :looked="scoring.looking.value.name"
                @back="scoring.stopLooking"
                @here="scoring.goTo(scoring.looking.value.id)"
            />
            <main class="work" :class="{ split: opened }">
                <PlaceItems
                    v-if="here"
                    :attempt="id"
                    :place="here"
                    :shown="shown"
                    :opened="opened?.id"
                    :silent="silent"
                    :faint="scoring.live.faint.value"
                    :restarts="restarts"
                    @tap="scoring.tap"
                    @points="scoring.togglePoints"
                    @heard="(items) => walk.mark.hearWhole(...items)"
                    @say="scoring.say"
                    @part="scoring.inPart"
                    @called="scoring.call"
                    @not-called="(items) => walk.mark.notCalled(...items)"
                    @lamp="walk.mark.lamp"
                    @noticed="(item) => walk.mark.noticeDefect(item, 'called out as dark')"
                    @confirm="(heard) => scoring.confirm(...heard)"
                    @same="panel = 'same'"
                    @restart="walk.mark.restart(here.section)"
                />
                <PointsPanel
                    v-if="opened && openedShown"
                    ref="pointsPanel"
                    class="points"
                    :item="opened"
                    :shown="openedShown"
                    :walk="walk"
                    :both-sides="attempt.inspection.both_sides"
                    :halves="scoring.halves.value.get(opened.id) ?? []"
                    @note="scoring.noteOn(opened)"
                    @close="opened = undefined"
                />
            </main>
            <footer class="steps">
                <NButton size="large" :disabled="at <= 0" @click="scoring.step(-1)"><kbd>,</kbd>&nbsp;Back</NButton>
                <NButton
                    size="large"
                    class="show-plan"
                    :aria-pressed="isPlanShown"
                    data-test="show-plan"
                    @click="isPlanShown = !isPlanShown"
                    >Plan</NButton
                >
                <NButton size="large" data-test="find" @click="finder.open">Find</NButton>
                <NButton
                    size="large"
                    :disabled="walk.lastAction.value === undefined"
                    :title="walk.lastAction.value ? `Takes back: ${walk.lastAction.value.label}` : ''"
                    data-test="undo"
                    @click="walk.undo"
                    >Undo&nbsp;<kbd>⌫</kbd></NButton
                >
                <NButton type="primary" size="large" class="next" data-test="next" @click="scoring.step(1)">
                    <span
                        ><span class="on-to">{{ next ? 'On to ' : '' }}</span
                        >{{ next?.name ?? 'Finish' }}</span
                    >&nbsp;<kbd>.</kbd>
                </NButton>
            </footer>
        </template>
    </div>
</template>

<style scoped src="./scoringPage.css"></style>

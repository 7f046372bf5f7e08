import type { RouteRecordRaw } from 'vue-router';

declare module 'vue-router' {
    interface RouteMeta {
        /** Of the page, before the name of the application. */
        title?: string;
        open?: boolean;
        bare?: boolean;
        /** For whoever manages. */
        managed?: boolean;
    }
}

export const signInPage = (): Promise<unknown> => import('@/features/session/SignInPage.vue');

/** Every screen that there is. */
export const routes: RouteRecordRaw[] = [
    {
        path: '/',
        name: 'today',
        meta: { title: 'Today' },
        component: () => import('@/features/today/TodayPage.vue'),
    },
    {
        path: '/sign-in',
        name: 'sign-in',
        component: signInPage,
        meta: { title: 'Sign in', open: true, bare: true },
    },
    {
        path: '/set-up',
        name: 'set-up',
        component: () => import('@/features/access/SetUpPage.vue'),
        meta: { title: 'Set up', open: true, bare: true },
    },
    {
        path: '/welcome/:token',
        name: 'welcome',
        component: () => import('@/features/access/WelcomePage.vue'),
        props: true,
        meta: { title: 'Welcome', open: true, bare: true },
    },
    {
        path: '/helper',
        name: 'helper',
        component: () => import('@/features/helper/HelperPage.vue'),
        meta: { title: 'Light check', open: true, bare: true },
    },
    {
        path: '/account',
        name: 'account',
        meta: { title: 'My account' },
        component: () => import('@/features/account/AccountPage.vue'),
    },
    {
        path: '/school',
        name: 'school',
        meta: { title: 'School', managed: true },
        component: () => import('@/features/people/SchoolPage.vue'),
    },
    {
        path: '/people',
        name: 'people',
        meta: { title: 'Who works here', managed: true },
        component: () => import('@/features/people/PeoplePage.vue'),
    },
    {
        path: '/trail',
        name: 'trail',
        meta: { title: 'Who did what', managed: true },
        component: () => import('@/features/trail/TrailPage.vue'),
    },
    {
        path: '/retention',
        name: 'retention',
        meta: { title: 'How long records are kept', managed: true },
        component: () => import('@/features/people/RetentionPage.vue'),
    },
    {
        path: '/classes',
        name: 'classes',
        meta: { title: 'Classes' },
        component: () => import('@/features/people/ClassesPage.vue'),
    },
    {
        path: '/start',
        name: 'start',
        meta: { title: 'New attempt' },
        component: () => import('@/features/start/NewAttemptPage.vue'),
    },
    {
        path: '/records',
        name: 'records',
        meta: { title: 'Records from elsewhere' },
        component: () => import('@/features/records/RecordsPage.vue'),
    },
    {
        path: '/paper',
        name: 'paper',
        meta: { title: 'Paper sheet' },
        component: () => import('@/features/paper/PaperPage.vue'),
    },
    {
        path: '/walk/:id',
        name: 'walk',
        component: () => import('@/features/scoring/ScoringPage.vue'),
        props: true,
        meta: { title: 'Walk', bare: true },
    },
    {
        path: '/result/:id',
        name: 'result',
        meta: { title: 'Result' },
        component: () => import('@/features/result/ResultPage.vue'),
        props: true,
    },
    {
        path: '/check/:id/:digest',
        name: 'check',
        meta: { title: 'A printed sheet' },
        component: () => import('@/features/result/CheckPage.vue'),
        props: true,
    },
    {
        path: '/cab',
        name: 'cab',
        meta: { title: 'Air cab' },
        component: () => import('@/features/cab/CabPage.vue'),
    },
    {
        path: '/brakes/:id',
        name: 'brakes',
        meta: { title: 'Brake tests' },
        component: () => import('@/features/brakes/BrakeBenchPage.vue'),
        props: true,
    },
    {
        path: '/words/:id',
        name: 'words',
        meta: { title: 'Captions' },
        component: () => import('@/features/speech/WordsPage.vue'),
        props: true,
    },
    {
        path: '/students',
        name: 'students',
        meta: { title: 'Students' },
        component: () => import('@/features/students/StudentsPage.vue'),
    },
    {
        path: '/students/list',
        name: 'roster',
        meta: { title: 'A list of students' },
        component: () => import('@/features/students/RosterPage.vue'),
    },
    {
        path: '/students/:id(\\d+)',
        name: 'student',
        meta: { title: 'Student' },
        component: () => import('@/features/students/StudentPage.vue'),
        props: (route) => ({ id: Number(route.params['id']) }),
    },
    {
        path: '/students/:id(\\d+)/practice',
        name: 'practice',
        meta: { title: 'Practice' },
        component: () => import('@/features/practice/PracticePage.vue'),
        props: (route) => ({ id: Number(route.params['id']), minutes: Number(route.query['minutes'] ?? 10) }),
    },
    {
        path: '/students/:id(\\d+)/rehearse',
        name: 'rehearse',
        meta: { title: 'Rehearse' },
        component: () => import('@/features/rehearse/RehearsePage.vue'),
        props: (route) => ({ id: Number(route.params['id']) }),
    },
    {
        path: '/students/:id(\\d+)/guide',
        name: 'guide',
        meta: { title: 'Study guide' },
        component: () => import('@/features/guide/GuidePage.vue'),
        props: (route) => ({ id: Number(route.params['id']) }),
    },
    {
        path: '/scorers',
        name: 'scorers',
        meta: { title: 'How alike we score' },
        component: () => import('@/features/scorers/ScorersPage.vue'),
    },
    {
        path: '/week',
        name: 'week',
        meta: { title: 'Week' },
        component: () => import('@/features/week/WeekPage.vue'),
    },
    {
        path: '/class',
        name: 'class',
        meta: { title: 'Class' },
        component: () => import('@/features/class/ClassPage.vue'),
    },
    {
        path: '/watch/:id',
        name: 'watch',
        meta: { title: 'Watching' },
        component: () => import('@/features/watch/WatchPage.vue'),
        props: true,
    },
    {
        path: '/library',
        name: 'library',
        meta: { title: 'Checklists and vehicles' },
        component: () => import('@/features/library/LibraryPage.vue'),
    },
    {
        path: '/library/checklist/:slug/asked',
        name: 'asked',
        meta: { title: 'What is asked' },
        component: () => import('@/features/library/AskedPage.vue'),
        props: true,
    },
    {
        path: '/library/:kind(checklist|vehicle)/:slug',
        name: 'versions',
        meta: { title: 'Versions' },
        component: () => import('@/features/library/VersionsPage.vue'),
        props: true,
    },
    {
        path: '/drafts/:id',
        name: 'draft',
        meta: { title: 'Draft' },
        component: () => import('@/features/library/DraftPage.vue'),
        props: true,
    },
    {
        path: '/help/:id?',
        name: 'help',
        meta: { title: 'Help' },
        component: () => import('@/features/help/HelpPage.vue'),
        props: true,
    },
    {
        path: '/:rest(.*)',
        name: 'nowhere',
        meta: { title: 'Not found' },
        component: () => import('./NowherePage.vue'),
    },
];

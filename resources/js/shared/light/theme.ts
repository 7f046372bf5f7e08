import type { GlobalThemeOverrides } from 'naive-ui';

/**
 * All colours and faces of Pasada, for both light levels. Text on `paper` and `panel` keeps a contrast of 7:1
 * or more, since it is read in sun and rain. CSS gets them as `--name`, Naive UI through `naiveOverrides`.
 */
const day = {
    paper: '#fbfaf5',
    panel: '#ffffff',
    sunken: '#efede4',
    ink: '#16211f',
    quiet: '#3d4a47',
    line: '#c9cbc1',
    strong: '#0b5350',
    strongInk: '#ffffff',
    part: '#7a3e00',
    lost: '#8e1526',
    late: '#4a3a80',
    waved: '#35506b',
    route: '#8a9490',
};

export type Tokens = typeof day;
export type Light = 'day' | 'dusk';

const dusk: Tokens = {
    paper: '#14191b',
    panel: '#1d2427',
    sunken: '#0d1112',
    ink: '#f1eee4',
    quiet: '#bfc7c2',
    line: '#46524f',
    strong: '#7fd6c6',
    strongInk: '#0d1b19',
    part: '#f2b872',
    lost: '#ff9e9e',
    late: '#c7b8ff',
    waved: '#a9c6e4',
    route: '#7d8a86',
};

export const tokensOf = (light: Light): Tokens => (light === 'day' ? day : dusk);

export const textFace = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
export const displayFace = "'Archivo Variable', system-ui, sans-serif";

export function applyTokens(light: Light, root: HTMLElement): void {
    root.dataset['light'] = light;
    root.style.colorScheme = light === 'day' ? 'light' : 'dark';
    for (const [name, value] of Object.entries(tokensOf(light))) root.style.setProperty(`--${name}`, value);
    root.style.setProperty('--text-face', textFace);
    root.style.setProperty('--display-face', displayFace);
}

export function naiveOverrides(light: Light): GlobalThemeOverrides {
    const t = tokensOf(light);
    return {
        common: {
            fontFamily: textFace,
            fontSize: '17px',
            fontSizeMedium: '17px',
            fontSizeLarge: '18px',
            borderRadius: '10px',
            heightMedium: '48px',
            heightLarge: '52px',
            primaryColor: t.strong,
            primaryColorHover: t.strong,
            primaryColorPressed: t.strong,
            primaryColorSuppl: t.strong,
            infoColor: t.waved,
            successColor: t.strong,
            warningColor: t.part,
            errorColor: t.lost,
            textColorBase: t.ink,
            textColor1: t.ink,
            textColor2: t.ink,
            textColor3: t.quiet,
            placeholderColor: t.quiet,
            bodyColor: t.paper,
            cardColor: t.panel,
            modalColor: t.panel,
            popoverColor: t.panel,
            inputColor: t.panel,
            borderColor: t.line,
            dividerColor: t.line,
            hoverColor: t.sunken,
            baseColor: t.panel,
        },
        Button: {
            textColorPrimary: t.strongInk,
            textColorHoverPrimary: t.strongInk,
            textColorPressedPrimary: t.strongInk,
            textColorFocusPrimary: t.strongInk,
            fontWeight: '600',
            border: `2px solid ${t.line}`,
        },
        Input: { border: `2px solid ${t.line}` },
        InternalSelection: { border: `2px solid ${t.line}` },
    };
}

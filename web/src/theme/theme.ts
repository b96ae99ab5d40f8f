import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';

export const colours = {
  ground: '#F2F5EF',
  paper: '#FFFFFF',
  ink: '#14302A',
  soft: '#4A615A',
  rail: '#12352D',
  line: '#CBD5CB',
  hair: '#DFE6DD',
  sprout: '#2F7D4F',
  pollen: '#E2A400',
  rust: '#A63D1E',
} as const;

export const textFont = "'Atkinson Hyperlegible', sans-serif";

/** Ant Design Vue in our colours, type and shapes; nothing of its default blue is left. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: colours.sprout,
    colorInfo: colours.sprout,
    colorSuccess: colours.sprout,
    colorWarning: colours.pollen,
    colorError: colours.rust,
    colorLink: colours.sprout,
    colorText: colours.ink,
    colorTextPlaceholder: '#6B8078',
    colorBorder: '#9FB1A6',
    colorBgBase: colours.paper,
    fontFamily: textFont,
    fontSize: 16,
    borderRadius: 7,
    controlHeight: 38,
    wireframe: false,
    boxShadow: 'none',
  },
};

import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context';
import { colours } from '@fern/paper/look';
import { fonts, radius, type } from './tokens';

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
    colorBorder: colours.border,
    colorBgBase: colours.paper,
    fontFamily: fonts.text,
    fontSize: type.body,
    borderRadius: radius,
    controlHeight: 38,
    wireframe: false,
    boxShadow: 'none',
  },
};

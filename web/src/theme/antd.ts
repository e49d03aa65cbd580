import type { ThemeConfig } from 'ant-design-vue/es/config-provider/context'

/** The house's look for Ant Design Vue's components, in one place. */
export const theme: ThemeConfig = {
  token: {
    colorPrimary: '#0e5a60',
    colorWarning: '#c98a1b',
    colorError: '#9c3b2c',
    colorSuccess: '#0e5a60',
    colorInfo: '#0e5a60',
    colorText: '#1b2333',
    colorTextSecondary: '#626878',
    colorTextPlaceholder: '#767b88',
    colorBorder: '#ddd5c6',
    colorBorderSecondary: '#eee7d9',
    colorBgContainer: '#fffdf8',
    colorBgElevated: '#fffdf8',
    colorBgLayout: '#f6f2e9',
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 14,
    borderRadius: 6,
    controlHeight: 34,
    boxShadow: '0 0 0 1px #ddd5c6',
    boxShadowSecondary: '0 0 0 1px #ddd5c6',
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.16s',
  },
}

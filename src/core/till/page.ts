/** The till is small, and the studio's page shows its working: all of it may be entered. */
export * from './index';

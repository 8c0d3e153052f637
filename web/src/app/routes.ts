import { createRouter, type Routes } from 'sv-router';
import AccountView from '../features/account/AccountView.svelte';
import OutlineView from '../features/outline/OutlineView.svelte';
import SheetView from '../features/sheet/SheetView.svelte';
import SitesView from '../features/sites/SitesView.svelte';
import ScreenView from './ScreenView.svelte';
import Missing from './Missing.svelte';
import SiteFrame from './SiteFrame.svelte';

/** Every address of the application; what stands at a screen's is in screens.ts. */
const routes = {
  '/': SitesView,
  '/account': AccountView,
  '/parts': () => import('../features/parts/PartsView.svelte'),
  '/s/:site/:plan': {
    '/': ScreenView,
    '/outline/:number': OutlineView,
    '/:screen': ScreenView,
    '/:screen/:kind/:key': SheetView,
    layout: SiteFrame,
  },
  '*missing': Missing,
} satisfies Routes;

export const { navigate, route } = createRouter(routes);

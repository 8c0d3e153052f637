import { mount } from 'svelte';
import './app.css';
import App from './app/App.svelte';
import { theme } from './app/theme.svelte';

theme.begin();

const target = document.getElementById('app');
if (!target) throw new Error('index.html has no element #app');
mount(App, { target });

/** Whether somebody is choosing where to go: it outlives the screen that was left on the way. */
export const going = $state({ to: false });

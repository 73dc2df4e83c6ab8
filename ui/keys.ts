/** Whether a key press is meant for the page: nobody is typing, no modifier is held, no dialogue is open. */
export function isPageKey(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement;
  return !(
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    target.isContentEditable ||
    /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) ||
    document.querySelector("dialog[open]") !== null
  );
}

/**
 * Keeps what a person does on a page that has been painted and has not come alive yet (on a slow tablet that is seconds), and does it
 * once it has: taps, what is typed, ticked, chosen, sent. It runs in the page's head as text, so that it may name nothing outside itself.
 *
 * @param awake name of the window's event that tells that the page has come alive
 */
export function keepEarly(awake: string): void {
  // Each element once: who taps again because nothing happens means it once.
  const kept = new Map<Element, () => void>();
  const keep = (element: Element, again: () => void) => {
    kept.delete(element);
    kept.set(element, again);
  };
  const tell = (element: Element, kind: string) => element.dispatchEvent(new Event(kind, { bubbles: true }));
  const isTick = ({ type }: HTMLInputElement) => type === 'checkbox' || type === 'radio';
  const isText = (element?: Element): element is HTMLInputElement | HTMLTextAreaElement =>
    element instanceof HTMLTextAreaElement ||
    (element instanceof HTMLInputElement && !isTick(element) && element.type !== 'file');
  const onEvent = (event: Event) => {
    const target = event.target instanceof Element ? event.target : undefined;
    const button = target?.closest('button');
    if (event instanceof SubmitEvent && target instanceof HTMLFormElement) {
      const { submitter } = event;
      event.preventDefault();
      keep(target, () => target.requestSubmit(submitter));
    } else if (event.type === 'click' && button?.type === 'button') {
      keep(button, () => button.click());
    } else if (event.type === 'click' && target instanceof HTMLInputElement && isTick(target)) {
      // What a field holds is remembered here: the first of the others that is done makes React set it back.
      const { checked } = target;
      keep(target, () => {
        target.checked = !checked;
        target.click();
      });
    } else if (event.type === 'change' && target instanceof HTMLSelectElement) {
      const { value } = target;
      keep(target, () => {
        target.value = value;
        tell(target, 'change');
      });
    } else if (event.type === 'change' && target instanceof HTMLInputElement && target.type === 'file') {
      keep(target, () => tell(target, 'change'));
    } else if (event.type === 'input' && isText(target)) {
      const { value } = target;
      keep(target, () => {
        // React knows a field's value by the field's own setter, and hears of nothing that it knows already.
        target.value = target.defaultValue;
        Object.getOwnPropertyDescriptor(Object.getPrototypeOf(target), 'value')?.set?.call(target, value);
        tell(target, 'input');
      });
    } else return;
    // React may hear of it while it is coming alive; then it would count twice.
    event.stopImmediatePropagation();
  };
  const kinds = ['click', 'input', 'change', 'submit'];
  for (const kind of kinds) window.addEventListener(kind, onEvent, true);
  window.addEventListener(
    awake,
    () => {
      for (const kind of kinds) window.removeEventListener(kind, onEvent, true);
      // Each in a task of its own, so that what is sent holds what was typed.
      for (const [element, again] of kept) setTimeout(() => element.isConnected && again());
    },
    { once: true },
  );
}

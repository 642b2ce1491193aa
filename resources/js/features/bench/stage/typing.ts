/** Whether a key goes to what somebody writes or chooses. */
export function isTyping({ target }: KeyboardEvent): boolean {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement;
}

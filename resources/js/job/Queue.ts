/** Runs one thing after another, in the order they came. */
export class Queue {
  private last: Promise<unknown> = Promise.resolve();

  add<T>(act: () => Promise<T>): Promise<T> {
    const next = this.last.then(act);
    this.last = next.catch(() => undefined);
    return next;
  }
}

/** Misuse of the core by a program. What a maker can bring about is never a CoreError but a Finding. */
export class CoreError extends Error {
  readonly code: string;
  /** The object concerned, such as `holders/A` or an input's name. */
  readonly about: string | undefined;
  constructor(code: string, message: string, about?: string) {
    super(message);
    this.name = 'CoreError';
    this.code = code;
    this.about = about;
  }
}

/**
 * Input that cannot be used, by field; the message begins with it.
 *
 * @example new FieldError('fps', 'must be at least 30').message // 'fps: must be at least 30'
 */
export class FieldError extends RangeError {
  /**
   * @param field path of the field, such as `pins.0.drill`
   * @param text what is wrong with it, without the field
   */
  constructor(
    readonly field: string,
    readonly text: string,
  ) {
    super(`${field}: ${text}`);
    this.name = 'FieldError';
  }
}

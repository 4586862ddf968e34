import 'server-only';

/** Expected failures and their HTTP status. Only these reach a browser, with their own words. */
export const errorStatus = {
  badRequest: 400,
  notSignedIn: 401,
  wrongCredentials: 401,
  forbidden: 403,
  notFound: 404,
  stale: 409,
  conflict: 409,
  tooLarge: 413,
  refused: 422,
  tooManyAttempts: 429,
  tooManyRequests: 429,
  unavailable: 503,
} as const;

export type ErrorCode = keyof typeof errorStatus;

/** An expected failure, told to the person in words. Anything else thrown is a bug and answers 500 without details. */
export class AppError extends Error {
  constructor(
    readonly code: ErrorCode,
    message: string,
    readonly details?: unknown,
  ) {
    super(message);
  }

  /** What a page that fails tells the browser of it. */
  get digest(): string {
    return `expected ${this.code}`;
  }
}

let isLeft = false

/** What is sent while the page is being left goes on without it, see {@link send}. */
export function watchLeaving(page: EventTarget) {
  page.addEventListener('pagehide', () => (isLeft = true))
  // A page that is shown again from the browser’s memory has not been left.
  page.addEventListener('pageshow', () => (isLeft = false))
}

/** 64 KB may go on without their page, which no change is near; browsers refuse more. */
export function send(request: Request): Promise<Response> {
  return fetch(isLeft ? new Request(request, { keepalive: true }) : request)
}

/**
 * How requests are sent: what is sent while the page is being left goes on without it. It may be
 * 64 KB then, which no change is near; browsers refuse more.
 *
 * @param page says when it is left, and when it is shown again from the browser’s memory
 */
export function sender(page: EventTarget | undefined) {
  let isLeft = false
  page?.addEventListener('pagehide', () => (isLeft = true))
  page?.addEventListener('pageshow', () => (isLeft = false))
  return (request: Request): Promise<Response> =>
    fetch(isLeft ? new Request(request, { keepalive: true }) : request)
}

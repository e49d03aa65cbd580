import type { Finding, SentRemark, Verdict } from '../../api/types'

/** A picture that is sent to be mended takes along what was said and the place that was looked at. */
export function remarkWith(
  verdict: Verdict,
  text: string,
  finding: Finding | null,
): { remark?: SentRemark } {
  if (verdict !== 'touch-up' || (!finding && !text.trim())) return {}
  return {
    remark: {
      text: text.trim() || undefined,
      ...(finding && {
        reason: finding.kind,
        x: finding.x,
        y: finding.y,
        width: finding.width,
        height: finding.height,
      }),
    },
  }
}

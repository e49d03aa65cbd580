package org.ablebatch.codec.archive;

/**
 * How much an archive may hold. An archive is written by anybody; these keep a small file that
 * unfolds into a huge one from filling memory or disk.
 *
 * @param entries files inside, pictures or not
 * @param entryBytes of one file, unfolded
 * @param allBytes of everything, unfolded
 * @param ratio of unfolded to stored bytes of one file; no picture format comes near
 */
public record ArchiveLimits(int entries, long entryBytes, long allBytes, int ratio) {
  private static final long MEGABYTE = 1 << 20;

  /** 10,000 files, 256 MB each, 40 GB together, 200 times their stored size. */
  public static final ArchiveLimits DEFAULT =
      new ArchiveLimits(10_000, 256 * MEGABYTE, 40 * 1024 * MEGABYTE, 200);
}

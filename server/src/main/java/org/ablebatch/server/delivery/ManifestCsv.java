package org.ablebatch.server.delivery;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.ablebatch.server.delivery.DeliveryViews.Manifest;
import org.ablebatch.server.delivery.DeliveryViews.ManifestFile;

/** The manifest as CSV (RFC 4180), for spreadsheets. */
final class ManifestCsv {
  private static final String HEAD =
      "name,sha256,bytes,width,height,format,quality,likeness,spec,change,original,original_sha256,version,problem";

  private ManifestCsv() {}

  static String of(Manifest manifest) {
    return manifest.files().stream()
        .map(ManifestCsv::line)
        .collect(Collectors.joining("\r\n", HEAD + "\r\n", "\r\n"));
  }

  private static String line(ManifestFile f) {
    return Arrays.asList(
            f.name(),
            f.sha256(),
            f.bytes(),
            f.width(),
            f.height(),
            f.format(),
            f.quality(),
            f.likeness(),
            f.spec(),
            f.change(),
            f.original(),
            f.originalSha256(),
            f.versionId(),
            f.problem())
        .stream()
        .map(ManifestCsv::cell)
        .collect(Collectors.joining(","));
  }

  /** Text that a spreadsheet would take for a formula is marked as text. */
  private static String cell(Object value) {
    if (value == null) {
      return "";
    }
    String text = value.toString();
    if (value instanceof String && !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0) {
      text = "'" + text;
    }
    return text.matches("[^\",\\r\\n]*") ? text : '"' + text.replace("\"", "\"\"") + '"';
  }
}

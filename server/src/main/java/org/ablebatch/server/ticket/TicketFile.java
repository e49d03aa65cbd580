package org.ablebatch.server.ticket;

import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.ablebatch.codec.spec.SpecEntry;
import org.ablebatch.codec.spec.WordsEntry;
import org.ablebatch.server.sets.PatternData;

/**
 * A ticket as a file. Everything but the first two may be left out, and is then as in a new batch;
 * docs/ticket-file.md has an example.
 *
 * @param kind always {@code ticket}
 * @param version of this form: {@value #VERSION}
 * @param name of the batch it came from
 * @param method for all pictures
 * @param methodByGroup where groups differ from that
 * @param look dressing
 * @param specs what is delivered
 * @param words what delivered files say of themselves
 * @param names how codes and groups are read from file names
 * @param sharpenEnlarged small originals are sharpened where a spec enlarges them
 * @param takeSafeMends mends that are safe to take unseen are taken without anybody’s key
 * @param notes what people should know
 */
@Schema(name = "TicketFile")
record TicketFile(
    @JsonProperty("able-batch") String kind,
    int version,
    String name,
    String method,
    Map<String, String> methodByGroup,
    TicketLook look,
    List<SpecEntry> specs,
    WordsEntry words,
    PatternData names,
    Boolean sharpenEnlarged,
    Boolean takeSafeMends,
    String notes) {
  static final String KIND = "ticket";
  static final int VERSION = 1;
}

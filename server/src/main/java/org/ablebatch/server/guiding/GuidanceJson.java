package org.ablebatch.server.guiding;

import java.util.List;
import org.ablebatch.core.subject.Subjects;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Guidance and subjects between records and the database's text. */
@Component
public class GuidanceJson {
  private final JsonMapper json;

  GuidanceJson(JsonMapper json) {
    this.json = json;
  }

  /** Null when nothing was said. */
  public String write(GuidanceData guidance) {
    return guidance.isNone() ? null : json.writeValueAsString(guidance);
  }

  public GuidanceData guidance(String text) {
    return text == null ? GuidanceData.NONE : json.readValue(text, GuidanceData.class);
  }

  public String write(Subjects subjects) {
    return json.writeValueAsString(
        subjects.list().stream()
            .map(
                subject ->
                    new SubjectsView.SubjectData(
                        subject.number(),
                        GuidanceData.BoxData.of(subject.box()),
                        subject.share(),
                        subject.kept()))
            .toList());
  }

  public List<SubjectsView.SubjectData> subjects(String text) {
    return text == null ? List.of() : json.readValue(text, new TypeReference<>() {});
  }
}

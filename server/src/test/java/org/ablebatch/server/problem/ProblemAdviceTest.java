package org.ablebatch.server.problem;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.ablebatch.failing.FailingController;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;

/** Every error leaves the house as a sentence, with nothing of the inside. */
class ProblemAdviceTest {
  private final MockMvc http =
      MockMvcBuilders.standaloneSetup(new FailingController())
          .setControllerAdvice(new ProblemAdvice())
          .build();

  @Test
  void whatIsNotThereIs404() throws Exception {
    http.perform(get("/fail/gone"))
        .andExpect(status().isNotFound())
        .andExpect(jsonPath("$.detail").value("There is no batch 9"));
  }

  @Test
  void aStaleChangeIs409AndSaysWhatToDo() throws Exception {
    http.perform(get("/fail/stale"))
        .andExpect(status().isConflict())
        .andExpect(jsonPath("$.detail", containsString("Nothing of yours was applied")));
  }

  @Test
  void aBadFieldIsNamed() throws Exception {
    http.perform(get("/fail/spec"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.field").value("width"))
        .andExpect(jsonPath("$.detail").value("A width is 1 to 20000 px, not 0"));
  }

  @Test
  void aFullDiskIs507() throws Exception {
    http.perform(get("/fail/full"))
        .andExpect(status().isInsufficientStorage())
        .andExpect(jsonPath("$.detail").value("There is no room left on the disk."));
  }

  @Test
  void theUnexpectedKeepsItsInsideToTheLog() throws Exception {
    http.perform(get("/fail/inside"))
        .andExpect(status().isInternalServerError())
        .andExpect(jsonPath("$.detail", containsString("Nothing was lost")))
        .andExpect(jsonPath("$.detail", not(containsString("jdbc"))));
  }

  @Test
  void aWrongTypeInThePathIsNamed() throws Exception {
    http.perform(get("/number/seven"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.field").value("id"))
        .andExpect(jsonPath("$.detail").value("id: a whole number, not “seven”"));
  }
}

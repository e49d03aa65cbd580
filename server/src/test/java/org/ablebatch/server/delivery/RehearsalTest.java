package org.ablebatch.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import org.ablebatch.server.Api;
import org.ablebatch.server.Deliveries;
import org.ablebatch.server.RunningServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ApplicationContext;

@ExtendWith(RunningServer.class)
class RehearsalTest {
  @Test
  void theNewestBatchWithEnoughToDeliverIsOpenedAsABrowserDoes(
      Api api, ApplicationContext context) {
    Rehearsal rehearsal = context.getBean(Rehearsal.class);
    assertThat(rehearsal.largest(1_000_000)).isEmpty();
    long batch = api.newBatch("Rehearsed");
    new Deliveries(api).passed(batch, "rake.jpg", 0x604020);
    assertThat(rehearsal.largest(1))
        .hasValueSatisfying(id -> assertThat(id).isGreaterThanOrEqualTo(batch));

    String port = context.getEnvironment().getProperty("local.server.port");
    URI address = URI.create("http://127.0.0.1:" + port + "/api/v1/");
    assertThat(rehearsal.open(address, batch, 2)).isEqualTo(2);
    assertThat(rehearsal.open(address, Long.MAX_VALUE, 2)).isZero();
  }
}

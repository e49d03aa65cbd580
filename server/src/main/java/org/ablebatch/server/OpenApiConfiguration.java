package org.ablebatch.server;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class OpenApiConfiguration {
  @Bean
  OpenAPI description() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Able Batch")
                .version("1")
                .description(
                    "Batches of pictures from upload to delivery. Errors are problem details (RFC"
                        + " 9457) with a sentence for a person.")
                .license(new License().name("Apache-2.0")))
        .servers(List.of(new Server().url("/")));
  }
}

package org.ablebatch.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The whole server as one process. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class AbleBatchApplication {
  public static void main(String[] args) {
    SpringApplication.run(AbleBatchApplication.class, args);
  }
}

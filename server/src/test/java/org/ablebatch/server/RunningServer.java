package org.ablebatch.server;

import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.ablebatch.standin.StandInShop;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.WebApplicationType;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the real application once for all tests, on a private MariaDB of its own. Tests take an
 * {@link Api} and make batches of their own, so that they don't see each other; a {@link Path} is
 * the data folder, a {@link StandInShop} the shop that it sends to.
 */
public final class RunningServer implements BeforeAllCallback, ParameterResolver {
  private static final String KEY = "server";

  /** The one instance; JUnit closes it after the last test. */
  private static final class Instance implements ExtensionContext.Store.CloseableResource {
    final Path folder = Files.createTempDirectory("able-server-test");
    final StandInShop shop = new StandInShop(0, folder.resolve("shop"));
    final ConfigurableApplicationContext context;

    Instance() throws IOException, InterruptedException {
      Awaitility.setDefaultPollDelay(Duration.ZERO);
      Awaitility.setDefaultPollInterval(Duration.ofMillis(40));
      Map<String, String> database = database("start");
      SpringApplication application = new SpringApplication(AbleBatchApplication.class);
      application.setWebApplicationType(WebApplicationType.SERVLET);
      application.setDefaultProperties(
          Map.of(
              "ABLE_DB_HOST", database.get("host"),
              "ABLE_DB_PORT", database.get("port"),
              "ABLE_DB_USER", database.get("user"),
              "ABLE_DB_PASSWORD", database.get("password"),
              "ABLE_HOSTS", "studio.example",
              "ABLE_DATA", folder.resolve("data").toString(),
              "ABLE_SEND_TO", shop.address().toString(),
              "ABLE_SEND_FIRST_WAIT", "PT0.05S"));
      application.addInitializers(
          started -> {
            started.getBeanFactory().addBeanPostProcessor(new CountedStatements());
            started.getBeanFactory().addBeanPostProcessor(new FullDisk());
          });
      // A default would lose against the application's own port, which a running one may hold.
      context = application.run("--server.port=0");
    }

    private Map<String, String> database(String action) throws IOException, InterruptedException {
      Path script = Path.of("..", "scripts", "database").toAbsolutePath().normalize();
      Process process =
          new ProcessBuilder(
                  script.toString(), action, folder.resolve("database").toString(), "34306")
              .redirectError(ProcessBuilder.Redirect.INHERIT)
              .start();
      Map<String, String> facts = new HashMap<>();
      try (var lines = process.inputReader()) {
        lines.lines().forEach(line -> facts.put(line.split("=", 2)[0], line.split("=", 2)[1]));
      }
      if (process.waitFor() != 0) {
        throw new IllegalStateException("scripts/database " + action + " failed");
      }
      return facts;
    }

    @Override
    public void close() throws IOException, InterruptedException {
      context.close();
      shop.close();
      database("stop");
      try (Stream<Path> files = Files.walk(folder)) {
        for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
          Files.delete(file);
        }
      }
    }
  }

  @Override
  public void beforeAll(ExtensionContext context) {
    instance(context);
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    Class<?> type = parameter.getParameter().getType();
    return type == Api.class
        || type == Path.class
        || type == StandInShop.class
        || type == ApplicationContext.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    if (parameter.getParameter().getType() == StandInShop.class) {
      return instance(context).shop;
    }
    if (parameter.getParameter().getType() == ApplicationContext.class) {
      return instance(context).context;
    }
    if (parameter.getParameter().getType() == Path.class) {
      return instance(context).folder.resolve("data");
    }
    String port = instance(context).context.getEnvironment().getProperty("local.server.port");
    return new Api(URI.create("http://127.0.0.1:" + port));
  }

  private static Instance instance(ExtensionContext context) {
    return context
        .getRoot()
        .getStore(ExtensionContext.Namespace.GLOBAL)
        .getOrComputeIfAbsent(
            KEY,
            key -> {
              try {
                return new Instance();
              } catch (IOException | InterruptedException e) {
                throw new IllegalStateException("the server could not be started", e);
              }
            },
            Instance.class);
  }
}

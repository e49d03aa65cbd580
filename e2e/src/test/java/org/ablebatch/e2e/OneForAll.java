package org.ablebatch.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * One application for all tests, and one browser process for every thread that runs tests. A test
 * takes them as parameters and makes batches of its own, so that tests don't see each other: the
 * {@link Application} is the shared one, the {@link Browser} has a storage of its own. Tests that
 * kill or restart an application start one themselves.
 */
final class OneForAll implements ParameterResolver, AfterTestExecutionCallback {
  private static final Namespace OURS = Namespace.create(OneForAll.class);

  /** The shared application with its data folder. */
  private record Running(Path data, Application application) implements AutoCloseable {
    static Running start() {
      try {
        Path data = Files.createTempDirectory("able-e2e");
        return new Running(
            data, Application.start(data, "--no-demo", "--workers", "2", "--stand-in"));
      } catch (IOException e) {
        throw new IllegalStateException("the application could not be started", e);
      }
    }

    @Override
    public void close() throws Exception {
      application.close();
      ClassArchive.delete(data);
    }
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext context) {
    Class<?> type = parameter.getParameter().getType();
    return type == Application.class || type == Browser.class || type == Chromium.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext context) {
    ExtensionContext root = context.getRoot();
    if (parameter.getParameter().getType() == Application.class) {
      return get(root, Running.class, Running::start).application();
    }
    // Playwright's objects belong to the thread that made them.
    Object ours = List.of(Chromium.class, Thread.currentThread().getName());
    Chromium chromium = get(root, ours, Chromium.class, Chromium::new);
    return parameter.getParameter().getType() == Chromium.class
        ? chromium
        : get(context, Browser.class, () -> new Browser(chromium));
  }

  /** JUnit closes it where its context ends. */
  private static <T> T get(ExtensionContext context, Class<T> type, Supplier<T> make) {
    return get(context, type, type, make);
  }

  private static <T> T get(ExtensionContext context, Object key, Class<T> type, Supplier<T> make) {
    return context.getStore(OURS).getOrComputeIfAbsent(key, made -> make.get(), type);
  }

  /** Keeps what the page looked like when a test failed. */
  @Override
  public void afterTestExecution(ExtensionContext context) {
    Browser browser = context.getStore(OURS).get(Browser.class, Browser.class);
    if (browser != null && context.getExecutionException().isPresent()) {
      browser.keepPicture(context.getRequiredTestClass().getSimpleName());
    }
  }
}

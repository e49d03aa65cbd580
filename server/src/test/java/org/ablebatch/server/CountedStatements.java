package org.ablebatch.server;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Counts the statements that are prepared while requests are answered, and no others. */
final class CountedStatements implements BeanPostProcessor {
  private static final String REQUEST_THREADS = "-exec-";
  private static final AtomicLong COUNT = new AtomicLong();

  static long count() {
    return COUNT.get();
  }

  @Override
  public Object postProcessAfterInitialization(Object bean, String name) {
    return bean instanceof DataSource source ? counted(DataSource.class, source) : bean;
  }

  private static Object counted(Class<?> type, Object target) {
    return Proxy.newProxyInstance(
        CountedStatements.class.getClassLoader(),
        new Class<?>[] {type},
        (proxy, method, args) -> {
          count(method);
          try {
            Object result = method.invoke(target, args);
            return result instanceof Connection connection
                ? counted(Connection.class, connection)
                : result;
          } catch (InvocationTargetException e) {
            throw e.getCause();
          }
        });
  }

  private static void count(Method method) {
    boolean statement = method.getName().startsWith("prepare");
    if (statement && Thread.currentThread().getName().contains(REQUEST_THREADS)) {
      COUNT.incrementAndGet();
    }
  }
}

package org.ablebatch.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes files with {@code PUT /files/NAME} and an {@code Idempotency-Key}: 201 where it is new, 200
 * where the same had come before, 409 where the key belongs to another file, 413 where it is too
 * heavy. What goes wrong on purpose is set with {@code PUT /faults}. Listens on 127.0.0.1 only.
 */
public final class StandInShop implements AutoCloseable {
  private static final String FILES = "/files/";
  private static final int THREADS = 8;
  private static final int LONGEST_KEY = 200;
  private static final Map<String, String> PAGE =
      Map.of("/", "index.html", "/shop.js", "shop.js", "/shop.css", "shop.css");
  private static final Map<String, String> TYPES =
      Map.of("html", "text/html; charset=utf-8", "js", "text/javascript", "css", "text/css");
  private static final Set<String> SHOWN =
      Set.of("image/png", "image/jpeg", "image/webp", "image/gif", "image/avif");

  private final HttpServer server;
  private final ExecutorService threads = Executors.newFixedThreadPool(THREADS);
  private final Store store;

  /** What a person leaves out of the faults is 0. */
  private final JsonMapper json =
      JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES).build();

  private final AtomicLong asked = new AtomicLong();
  private volatile Faults faults = Faults.NONE;

  /**
   * @param port 0 = any that is free
   * @param folder where what comes is kept
   */
  public StandInShop(int port, Path folder) throws IOException {
    store = new Store(folder);
    server = HttpServer.create(new InetSocketAddress(InetAddress.getByName("127.0.0.1"), port), 0);
    server.createContext("/", this::answer);
    server.setExecutor(threads);
    server.start();
  }

  public static void main(String[] args) throws IOException {
    if (args.length != 2) {
      System.err.println("usage: PORT FOLDER");
      System.exit(2);
    }
    new StandInShop(Integer.parseInt(args[0]), Path.of(args[1]));
  }

  public URI address() {
    return URI.create("http://127.0.0.1:" + server.getAddress().getPort());
  }

  /** What goes wrong from now on; the count of files begins anew. */
  public void setFaults(Faults now) {
    asked.set(0);
    faults = now;
  }

  /** What came, newest first. */
  public List<Received> received() {
    return store.all();
  }

  @Override
  public void close() {
    server.stop(0);
    threads.shutdownNow();
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      try {
        choose(exchange);
      } catch (IllegalArgumentException | JacksonException e) {
        say(exchange, 400, e.getMessage());
      }
    }
  }

  private void choose(HttpExchange exchange) throws IOException {
    String origin = exchange.getRequestHeaders().getFirst("Origin");
    boolean own = origin == null || origin.equals(address().toString());
    boolean reads = exchange.getRequestMethod().equals("GET");
    if (!own && !reads) {
      say(exchange, 403, "Only the shop's own page may change it.");
      return;
    }
    String path = exchange.getRequestURI().getPath();
    switch (exchange.getRequestMethod()) {
      case "GET" -> get(exchange, path);
      case "PUT" -> put(exchange, path);
      case "DELETE" -> empty(exchange, path);
      default -> say(exchange, 405, "The shop does not know this.");
    }
  }

  private void get(HttpExchange exchange, String path) throws IOException {
    if (PAGE.containsKey(path)) {
      page(exchange, PAGE.get(path));
    } else if (path.equals("/files")) {
      send(exchange, 200, "application/json", json.writeValueAsBytes(store.all()));
    } else if (path.equals("/faults")) {
      send(exchange, 200, "application/json", json.writeValueAsBytes(faults));
    } else if (path.startsWith(FILES)) {
      Received file = store.named(path.substring(FILES.length())).orElse(null);
      if (file == null) {
        say(exchange, 404, "No file of this name has come.");
        return;
      }
      boolean shown = SHOWN.contains(file.type());
      exchange.getResponseHeaders().set("Content-Disposition", shown ? "inline" : "attachment");
      String type = shown ? file.type() : "application/octet-stream";
      send(exchange, 200, type, store.bytes(file));
    } else {
      say(exchange, 404, "There is nothing here.");
    }
  }

  private void put(HttpExchange exchange, String path) throws IOException {
    if (path.equals("/faults")) {
      setFaults(json.readValue(exchange.getRequestBody().readAllBytes(), Faults.class));
      send(exchange, 200, "application/json", json.writeValueAsBytes(faults));
    } else if (path.startsWith(FILES) && path.length() > FILES.length()) {
      take(exchange, path.substring(FILES.length()));
    } else {
      say(exchange, 404, "Files go to /files/NAME.");
    }
  }

  private void take(HttpExchange exchange, String name) throws IOException {
    Faults now = faults;
    long number = asked.incrementAndGet();
    pause(now.slowMillis());
    if (Faults.isTurn(now.dropEvery(), number)) {
      halfOf(exchange);
      return;
    }
    byte[] bytes = exchange.getRequestBody().readAllBytes();
    if (Faults.isTurn(now.failEvery(), number)) {
      say(exchange, 500, "The shop's shelves fell over.");
      return;
    }
    if (now.mostBytes() > 0 && bytes.length > now.mostBytes()) {
      say(
          exchange,
          413,
          String.format(
              Locale.ROOT,
              "A file may have %,d bytes here, this one has %,d.",
              now.mostBytes(),
              bytes.length));
      return;
    }
    String key = exchange.getRequestHeaders().getFirst("Idempotency-Key");
    if (key == null || key.isBlank() || key.length() > LONGEST_KEY) {
      say(exchange, 400, "A file comes with an Idempotency-Key of 1 to 200 characters.");
      return;
    }
    String type = exchange.getRequestHeaders().getFirst("Content-Type");
    Store.Outcome outcome = store.take(name, key, type == null ? "" : type, bytes, Instant.now());
    if (Faults.isTurn(now.loseAnswerEvery(), number)) {
      return;
    }
    switch (outcome) {
      case NEW -> say(exchange, 201, "Taken.");
      case ALREADY_THERE -> say(exchange, 200, "It is here already.");
      case OTHER_FILE -> say(exchange, 409, "This key belongs to another file.");
    }
  }

  /** Reads a part; closing without an answer ends the connection. */
  private static void halfOf(HttpExchange exchange) throws IOException {
    String length = exchange.getRequestHeaders().getFirst("Content-Length");
    int half = length == null ? 0 : (int) (Long.parseLong(length) / 2);
    try (InputStream body = exchange.getRequestBody()) {
      body.readNBytes(half);
      exchange.close();
    }
  }

  private static void pause(int millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void empty(HttpExchange exchange, String path) throws IOException {
    if (!path.equals("/files")) {
      say(exchange, 404, "Only all files can be thrown away, at /files.");
      return;
    }
    store.empty();
    say(exchange, 200, "The shop is empty.");
  }

  private static void page(HttpExchange exchange, String name) throws IOException {
    exchange
        .getResponseHeaders()
        .set("Content-Security-Policy", "default-src 'self'; frame-ancestors 'none'");
    try (InputStream in = StandInShop.class.getResourceAsStream("/shop/" + name)) {
      send(exchange, 200, TYPES.get(name.substring(name.indexOf('.') + 1)), in.readAllBytes());
    }
  }

  private void say(HttpExchange exchange, int status, String sentence) throws IOException {
    byte[] body = json.writeValueAsBytes(Map.of("detail", String.valueOf(sentence)));
    send(exchange, status, "application/json", body);
  }

  private static void send(HttpExchange exchange, int status, String type, byte[] body)
      throws IOException {
    exchange.getResponseHeaders().set("Content-Type", type);
    exchange.getResponseHeaders().set("X-Content-Type-Options", "nosniff");
    exchange.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
    exchange.getResponseBody().write(body);
  }
}

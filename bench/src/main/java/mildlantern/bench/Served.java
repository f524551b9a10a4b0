package mildlantern.bench;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * The built application as it ships: with its flags, on a database, as the user that {@code ./lantern} would run it as. What it needs to know
 * stands in the environment: BENCH_APP (its folder), BENCH_JAR, BENCH_URL (of the database), BENCH_PORT, BENCH_FLAGS and BENCH_AS (words
 * before the command), LANTERN_DB_USER and LANTERN_DB_PASSWORD.
 */
final class Served implements AutoCloseable {
    private static final Duration STARTS_WITHIN = Duration.ofMinutes(10);
    private static final long LOOKS_EVERY_MS = 50;

    private final Process process;

    private Served(Process process) {
        this.process = process;
    }

    static String setting(String name) {
        return Objects.requireNonNull(System.getenv(name), name + " is not set; run it by ./lantern bench");
    }

    static String root() {
        return "http://127.0.0.1:" + setting("BENCH_PORT");
    }

    /** Starts it; its output goes to the file. */
    static Served start(Map<String, String> more, File output) throws IOException {
        List<String> command = new ArrayList<>();
        for (String words : List.of(setting("BENCH_AS"), "java", setting("BENCH_FLAGS"), "-jar")) {
            command.addAll(List.of(words.strip().split(" +")));
        }
        command.removeIf(String::isEmpty);
        command.add(setting("BENCH_JAR"));
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(new File(setting("BENCH_APP")))
                .redirectErrorStream(true)
                .redirectOutput(output);
        builder.environment()
                .putAll(Map.of(
                        "LANTERN_DB_URL",
                        setting("BENCH_URL"),
                        "LANTERN_PORT",
                        setting("BENCH_PORT"),
                        "MALLOC_ARENA_MAX",
                        "2"));
        builder.environment().putAll(more);
        return new Served(builder.start());
    }

    /** Waits until it says that it is well. */
    void untilWell() throws InterruptedException {
        long until = System.nanoTime() + STARTS_WITHIN.toNanos();
        while (System.nanoTime() < until && process.isAlive()) {
            if (well()) {
                return;
            }
            Thread.sleep(LOOKS_EVERY_MS);
        }
        throw new IllegalStateException("the application did not start");
    }

    /** Whether whatever answers at the port says that it is well. */
    static boolean well() throws InterruptedException {
        try {
            return HttpClient.newHttpClient()
                            .send(
                                    HttpRequest.newBuilder(URI.create(root() + "/actuator/health"))
                                            .timeout(Duration.ofSeconds(4))
                                            .build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException e) {
            return false;
        }
    }

    boolean alive() {
        return process.isAlive();
    }

    long pid() {
        return process.pid();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}

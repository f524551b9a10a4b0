package mildlantern.web;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A further instance of the application, as another process would be: on the tests' database, or on one of its own. */
public final class SecondInstance implements AutoCloseable {
    private static final String URL = Objects.requireNonNullElse(System.getenv("LANTERN_TEST_DB_URL"), "");

    private final ConfigurableApplicationContext context;

    private SecondInstance(String url, String... more) {
        List<String> arguments = new ArrayList<>(List.of(
                "--spring.datasource.url=" + url,
                "--spring.datasource.username=" + System.getenv("LANTERN_TEST_DB_USER"),
                "--spring.datasource.password=" + System.getenv("LANTERN_TEST_DB_PASSWORD"),
                "--logging.level.root=warn",
                "--logging.level.mildlantern.web.edge.Problems=error",
                "--spring.main.banner-mode=off",
                "--lantern.stations=false",
                "--server.port=0"));
        arguments.addAll(List.of(more));
        context = new SpringApplicationBuilder(LanternApplication.class, MovableClock.Configuration.class)
                .run(arguments.toArray(String[]::new));
    }

    /** On the database that the other tests use. */
    public static SecondInstance start() {
        return new SecondInstance(URL);
    }

    /** On a database of its own. */
    public static SecondInstance on(String url, String... more) {
        return new SecondInstance(url, more);
    }

    /** Makes an empty database and tells its address. */
    public static String emptyDatabase() {
        String name = "t" + UUID.randomUUID().toString().replace("-", "");
        client(URL).sql("create database " + name).update();
        return URL.replaceFirst("/[^/]+$", "/" + name);
    }

    /** Asks a database directly. */
    public static JdbcClient client(String url) {
        return JdbcClient.create(new DriverManagerDataSource(
                url,
                Objects.requireNonNull(System.getenv("LANTERN_TEST_DB_USER")),
                Objects.requireNonNull(System.getenv("LANTERN_TEST_DB_PASSWORD"))));
    }

    public <T> T get(Class<T> type) {
        return context.getBean(type);
    }

    public <T> Collection<T> all(Class<T> type) {
        return context.getBeansOfType(type).values();
    }

    public int port() {
        return Integer.parseInt(Objects.requireNonNull(context.getEnvironment().getProperty("local.server.port")));
    }

    @Override
    public void close() {
        context.close();
    }
}

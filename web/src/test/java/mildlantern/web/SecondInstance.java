package mildlantern.web;

import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A further instance of the application on the tests' database, as another process would be. */
public final class SecondInstance implements AutoCloseable {
    private final ConfigurableApplicationContext context;

    private SecondInstance(ConfigurableApplicationContext context) {
        this.context = context;
    }

    public static SecondInstance start() {
        return new SecondInstance(new SpringApplicationBuilder(LanternApplication.class)
                .properties("spring.jmx.enabled=false")
                .run(
                        "--spring.datasource.url=" + System.getenv("LANTERN_TEST_DB_URL"),
                        "--spring.datasource.username=" + System.getenv("LANTERN_TEST_DB_USER"),
                        "--spring.datasource.password=" + System.getenv("LANTERN_TEST_DB_PASSWORD"),
                        "--logging.level.root=warn",
                        "--lantern.stations=false",
                        "--server.port=0"));
    }

    public <T> T get(Class<T> type) {
        return context.getBean(type);
    }

    @Override
    public void close() {
        context.close();
    }
}

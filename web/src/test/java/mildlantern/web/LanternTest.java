package mildlantern.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import mildlantern.web.demo.LoadedDemo;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;

/**
 * A test of the whole application on a real PostgreSQL, with a clock that can be moved. The database is
 * the throw-away one that {@code ./lantern test} starts; all such tests share one application.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=${LANTERN_TEST_DB_URL}",
            "spring.datasource.username=${LANTERN_TEST_DB_USER}",
            "spring.datasource.password=${LANTERN_TEST_DB_PASSWORD}",
            "logging.level.root=warn",
            "logging.level.mildlantern.web.edge.Problems=error",
            "lantern.stations=false",
            "lantern.stand-in-mail=true",
            "server.port=0"
        })
@AutoConfigureMockMvc
@Import({
    MovableClock.Configuration.class,
    QuickPasswords.class,
    CountedStatements.class,
    Growers.class,
    TwoSills.class,
    Asking.class,
    LoadedDemo.class
})
public @interface LanternTest {}

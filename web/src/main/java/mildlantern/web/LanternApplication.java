package mildlantern.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** Starts the application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class LanternApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(LanternApplication.class, arguments);
    }
}

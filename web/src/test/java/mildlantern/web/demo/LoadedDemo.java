package mildlantern.web.demo;

import org.springframework.boot.test.context.TestComponent;

/** The demo collection for those tests that need it; making it takes a while, so it is made when the first of them asks. */
@TestComponent
public class LoadedDemo {
    private final DemoLoader loader;

    LoadedDemo(DemoLoader loader) {
        this.loader = loader;
    }

    public synchronized void load() {
        loader.load();
    }
}

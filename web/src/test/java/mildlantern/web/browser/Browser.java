package mildlantern.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Debian's Chromium without a window, one for all tests of this run. */
final class Browser {
    private static final double PATIENCE_MS = 60_000;

    private static final long PATIENCE_NANOS = 60_000_000_000L;

    private static final double A_MOMENT_MS = 25;

    private static final double STARTING_MS = 240_000;

    /** A page may refuse; a script, style or picture that is not there is a fault. */
    private static final Pattern REFUSED_FORM =
            Pattern.compile("status of 4(?!.*\\.(js|css|svg|woff2|png|jpg|webmanifest))");

    private static final com.microsoft.playwright.Browser CHROMIUM = launch();

    private Browser() {}

    private static com.microsoft.playwright.Browser launch() {
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        List<String> arguments = new ArrayList<>(List.of(
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync"));
        if ("root".equals(System.getProperty("user.name"))) {
            arguments.add("--no-sandbox");
        }
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        com.microsoft.playwright.Browser chromium = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setTimeout(STARTING_MS)
                        .setArgs(arguments));
        // The first page of a cold Chromium on a busy machine takes long; no test pays for it with its own patience.
        BrowserContext first = chromium.newContext();
        first.setDefaultTimeout(STARTING_MS);
        first.newPage().navigate("data:text/html,<title>Warm</title>");
        first.close();
        return chromium;
    }

    /**
     * Does something that leads to another page, or to this one anew, and waits until that stands there with its
     * scripts. The page is marked before: one that has not been left yet looks loaded too.
     */
    static void follow(Page page, Runnable press) {
        page.evaluate("window.notYetLeft = true");
        press.run();
        // Asked from here: a page of ours lets nothing in it be evaluated again and again.
        for (long until = System.nanoTime() + PATIENCE_NANOS; !another(page); page.waitForTimeout(A_MOMENT_MS)) {
            assertThat(System.nanoTime())
                    .as("no other page came after " + page.url())
                    .isLessThan(until);
        }
    }

    private static boolean another(Page page) {
        try {
            return (Boolean) page.evaluate("!window.notYetLeft && document.readyState === 'complete'");
        } catch (PlaywrightException leaving) {
            return false;
        }
    }

    /** A window of its own, signed in, that remembers what the console complained about. */
    static final class Window implements AutoCloseable {
        final Page page;
        private final BrowserContext context;
        private final String root;
        private final List<String> complaints = new ArrayList<>();

        Window(int port, int width, int height) {
            this(port, width, height, false);
        }

        /** A window that is touched where it is told to be. */
        Window(int port, int width, int height, boolean touched) {
            root = "http://127.0.0.1:" + port;
            context = CHROMIUM.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                    .setViewportSize(width, height)
                    .setHasTouch(touched)
                    .setLocale("en-GB")
                    .setReducedMotion(ReducedMotion.REDUCE)
                    .setTimezoneId("UTC"));
            context.setDefaultTimeout(PATIENCE_MS);
            page = context.newPage();
            page.onConsoleMessage(message -> {
                if (message.type().equals("error") || message.type().equals("warning")) {
                    complaints.add(message.text() + " at " + message.location());
                }
            });
        }

        Window signIn(String name, String password) {
            open("/sign-in");
            page.fill("#username", name);
            page.fill("#password", password);
            follow(page, () -> page.locator("#password").press("Enter"));
            assertThat(page.url()).isEqualTo(root + "/");
            return this;
        }

        void open(String address) {
            Response answer = page.navigate(root + address);
            assertThat(answer.status()).as(address).isLessThan(400);
        }

        /** Another page in the same session. */
        Page otherTab() {
            return context.newPage();
        }

        void forgetSession() {
            context.clearCookies();
        }

        /** No serious or critical finding of the accessibility rules on the page as it stands. */
        void accessible() {
            List<Rule> grave = new AxeBuilder(page)
                    .analyze().getViolations().stream()
                            .filter(rule -> List.of("serious", "critical").contains(rule.getImpact()))
                            .toList();
            assertThat(grave)
                    .as("accessibility of " + page.url() + ": "
                            + grave.stream()
                                    .map(rule -> rule.getId() + " " + rule.getNodes())
                                    .toList())
                    .isEmpty();
        }

        /** Nothing sticks out to the right: no sideways scrolling of the page. */
        void fitsItsWidth() {
            assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= window.innerWidth"))
                    .as("width of " + page.url())
                    .isTrue();
        }

        void fitsItsHeight() {
            assertThat((Boolean) page.evaluate("document.documentElement.scrollHeight <= window.innerHeight + 1"))
                    .as("height of " + page.url())
                    .isTrue();
        }

        /** The console was silent, but for answers that were refused on purpose. */
        void quiet() {
            assertThat(complaints)
                    .filteredOn(text -> !REFUSED_FORM.matcher(text).find())
                    .isEmpty();
        }

        @Override
        public void close() {
            context.close();
        }
    }
}

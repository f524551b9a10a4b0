package mildlantern.bench;

import java.io.File;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Starts the built application on the demo several times and asks for its pages over loopback, one after another; prints the
 * time to start and each page's median. Arguments: folder, jar, database address, user, password, port, sign-in, password, and the flags to run Java with.
 */
public final class ServedPages {
    private static final int STARTS = 3;
    private static final int FLAGS_FROM = 8;
    private static final int WARM_UP = 60;
    private static final int ASKED = 200;
    private static final int TABLES = 3;

    private final String root;
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();

    private ServedPages(int port) {
        root = "http://127.0.0.1:" + port;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        ServedPages pages = new ServedPages(Integer.parseInt(arguments[5]));
        List<Double> starts = new ArrayList<>();
        for (int i = 0; i <= STARTS; i++) {
            long began = System.nanoTime();
            Process application = start(arguments);
            try {
                pages.waitUntilWell(application);
                // The first start loads the demo and makes the tables; it is not counted.
                if (i > 0) {
                    starts.add((System.nanoTime() - began) / 1e9);
                }
                if (i == STARTS) {
                    pages.measure(arguments[6], arguments[7]);
                }
            } finally {
                application.destroy();
                application.waitFor();
            }
        }
        System.out.printf(
                Locale.ROOT,
                "start, to the first healthy answer: median %.1f s of %s%n",
                median(starts),
                starts.stream().map(s -> String.format(Locale.ROOT, "%.1f", s)).toList());
    }

    private static Process start(String[] arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of("java"));
        command.addAll(List.of(arguments).subList(FLAGS_FROM, arguments.length));
        command.addAll(List.of("-jar", arguments[1]));
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(new File(arguments[0]))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD);
        builder.environment()
                .putAll(Map.of(
                        "LANTERN_DB_URL", arguments[2],
                        "LANTERN_DB_USER", arguments[3],
                        "LANTERN_DB_PASSWORD", arguments[4],
                        "LANTERN_PORT", arguments[5],
                        "LANTERN_DEMO", "true"));
        return builder.start();
    }

    private void waitUntilWell(Process application) throws InterruptedException {
        for (int i = 0; i < 1200 && application.isAlive(); i++) {
            try {
                if (get("/actuator/health").statusCode() == 200) {
                    return;
                }
            } catch (IOException e) {
                // It does not listen yet.
            }
            Thread.sleep(50);
        }
        throw new IllegalStateException("the application did not start");
    }

    private void measure(String signIn, String password) throws IOException, InterruptedException {
        String door = get("/sign-in").body();
        client.send(
                HttpRequest.newBuilder(URI.create(root + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString("username=" + signIn + "&password=" + password
                                + "&_csrf=" + first("name=\"_csrf\" value=\"([^\"]+)\"", door)))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        String round = get("/").body();
        String plant = first("href=\"(/plants/[0-9a-f-]{36})\"", round);
        String aCase = caseOf(round);
        Map<String, String> pages = new LinkedHashMap<>();
        pages.put("round", "/");
        pages.put("plant", plant);
        pages.put("case", aCase);
        pages.put("case, a part touched", aCase + "?part=leaf");
        String stop = first("href=\"(/stops/[0-9a-f-]{36})/plan", round);
        pages.put("stop, a year of hours", stop + "?days=365");
        pages.put("care of all", "/care");
        pages.put("care of a plant", plant + "/care");
        pages.put("feeding", "/feeding");
        for (Map.Entry<String, String> page : pages.entrySet()) {
            List<Double> taken = new ArrayList<>();
            for (int i = 0; i < WARM_UP + ASKED; i++) {
                long began = System.nanoTime();
                HttpResponse<String> answer = get(page.getValue());
                if (answer.statusCode() != 200) {
                    throw new IllegalStateException(page.getKey() + " answered " + answer.statusCode());
                }
                if (i >= WARM_UP) {
                    taken.add((System.nanoTime() - began) / 1e6);
                }
            }
            print(page.getKey(), taken);
        }
        answers(aCase);
        aMonthOfMinutes(stop);
    }

    /** A logger's month, a line a minute: from the upload to the answer. Each table is another month, so that every line is new. */
    private void aMonthOfMinutes(String stop) throws IOException, InterruptedException {
        List<Double> taken = new ArrayList<>();
        for (int month = 0; month < TABLES; month++) {
            String page = get(stop).body();
            String token = first("X-CSRF-TOKEN&quot;:&quot;([^&]+)&quot;", page);
            StringBuilder table = new StringBuilder("time,temp (C),rh,lux\n");
            LocalDateTime at = LocalDate.now().minusDays(40L * (month + 1)).atStartOfDay();
            for (int minute = 0; minute < 43_200; minute++) {
                table.append(at.plusMinutes(minute))
                        .append(String.format(
                                Locale.ROOT,
                                ",%.1f,%.1f,1200\n",
                                20 + 3 * Math.sin(minute / 229.0),
                                50 + 9 * Math.cos(minute / 229.0)));
            }
            String border = "----lantern" + month;
            String body = "--" + border + "\r\nContent-Disposition: form-data; name=\"form\"\r\n\r\n"
                    + UUID.randomUUID() + "\r\n--"
                    + border
                    + "\r\nContent-Disposition: form-data; name=\"table\"; filename=\"minutes.csv\"\r\nContent-Type: text/csv\r\n\r\n"
                    + table + "\r\n--" + border + "--\r\n";
            HttpRequest request = HttpRequest.newBuilder(URI.create(root + stop + "/tables"))
                    .header("Content-Type", "multipart/form-data; boundary=" + border)
                    .header("X-CSRF-TOKEN", token)
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build();
            long began = System.nanoTime();
            HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200 || !answer.body().contains("minutes.csv")) {
                throw new IllegalStateException("the table answered " + answer.statusCode());
            }
            taken.add((System.nanoTime() - began) / 1e6);
        }
        print("43 200 lines brought", taken);
    }

    private static void print(String what, List<Double> taken) {
        System.out.printf(
                Locale.ROOT,
                "%-22s median %.1f ms, nine of ten under %.1f ms%n",
                what,
                median(taken),
                share(taken, 0.9));
    }

    /** An answer by key or tap: from the press to the changed ladder, as the browser sends it. */
    private void answers(String aCase) throws IOException, InterruptedException {
        String board = get(aCase + "?part=medium").body();
        String token = first("X-CSRF-TOKEN&quot;:&quot;([^&]+)&quot;", board);
        List<Double> taken = new ArrayList<>();
        for (int i = 0; i < WARM_UP + ASKED; i++) {
            HttpRequest answer = HttpRequest.newBuilder(URI.create(root + aCase + "/answers"))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .header("HX-Request", "true")
                    .header("X-CSRF-TOKEN", token)
                    .POST(HttpRequest.BodyPublishers.ofString("finding=soil.top&part=medium&stay=true&state="
                            + (i % 2 == 0 ? "dry" : "moist")
                            + "&version="
                            + first("data-version=\"(\\d+)\"", board)))
                    .build();
            long began = System.nanoTime();
            HttpResponse<String> changed = client.send(answer, HttpResponse.BodyHandlers.ofString());
            if (changed.statusCode() != 200) {
                throw new IllegalStateException("an answer was answered " + changed.statusCode());
            }
            board = changed.body();
            if (i >= WARM_UP) {
                taken.add((System.nanoTime() - began) / 1e6);
            }
        }
        print("answer to ladder", taken);
    }

    /** The case of a plant that has one: found by opening the plants of the round's first stop. */
    private String caseOf(String round) throws IOException, InterruptedException {
        Matcher plants = Pattern.compile("href=\"(/plants/[0-9a-f-]{36})\"").matcher(round);
        while (plants.find()) {
            Matcher found = Pattern.compile("class=\"press do\" href=\"(/cases/[0-9a-f-]{36})\"")
                    .matcher(get(plants.group(1)).body());
            if (found.find()) {
                return found.group(1);
            }
        }
        throw new IllegalStateException("no plant of the round has an open case");
    }

    private static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("the page lacks " + pattern);
        }
        return matcher.group(1);
    }

    private HttpResponse<String> get(String address) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(root + address))
                        .timeout(Duration.ofSeconds(20))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private static double median(List<Double> values) {
        return share(values, 0.5);
    }

    private static double share(List<Double> values, double share) {
        double[] sorted = values.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
    }
}

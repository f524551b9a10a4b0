package mildlantern.bench;

import java.io.File;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Lets the application make collections of three sizes, then has four people work in the largest at once: the round, a plant's page,
 * a watering written down. Prints medians, the slowest twentieth, memory, and how the cost of a round grows with the collection.
 * Arguments: folder, jar, database address, user, password, port, the database server's process file, and the flags to run Java with.
 */
public final class LoadRun {
    private static final int FLAGS_FROM = 7;
    private static final int PEOPLE = 4;
    private static final int TURNS = 120;
    private static final int WARM_UP_TURNS = 30;
    private static final List<Integer> SIZES = List.of(30, 300, 3000);
    private static final Pattern PLANT = Pattern.compile("href=\"(/plants/[0-9a-f-]{36})\"");
    private static final Pattern STOP = Pattern.compile("href=\"/\\?stop=([0-9a-f-]{36})\"");

    private final String root;

    private LoadRun(int port) {
        root = "http://127.0.0.1:" + port;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        LoadRun run = new LoadRun(Integer.parseInt(arguments[5]));
        File log = File.createTempFile("lantern-load", ".log");
        Process application = start(arguments, log);
        try {
            run.waitUntilMade(application, log);
            try (Stream<String> lines = Files.lines(log.toPath())) {
                lines.filter(line -> line.contains("generated "))
                        .forEach(line -> System.out.println(line.substring(line.indexOf("generated "))));
            }
            run.sizes();
            run.people(SIZES.get(SIZES.size() - 1));
            run.memory(application.pid(), Path.of(arguments[6]));
        } finally {
            application.destroy();
            application.waitFor();
            Files.deleteIfExists(log.toPath());
        }
    }

    private static Process start(String[] arguments, File log) throws IOException {
        List<String> command = new ArrayList<>(List.of("java"));
        command.addAll(List.of(arguments).subList(FLAGS_FROM, arguments.length));
        command.addAll(List.of("-jar", arguments[1]));
        ProcessBuilder builder = new ProcessBuilder(command)
                .directory(new File(arguments[0]))
                .redirectErrorStream(true)
                .redirectOutput(log);
        builder.environment()
                .putAll(Map.of(
                        "LANTERN_DB_URL", arguments[2],
                        "LANTERN_DB_USER", arguments[3],
                        "LANTERN_DB_PASSWORD", arguments[4],
                        "LANTERN_PORT", arguments[5],
                        "LANTERN_DEMO", "false",
                        "MALLOC_ARENA_MAX", "2",
                        "LANTERN_GENERATED", "30,300,3000"));
        return builder.start();
    }

    /** The last line about a collection that was made is written when all is ready. */
    private void waitUntilMade(Process application, File log) throws InterruptedException, IOException {
        for (int i = 0; i < 1800 && application.isAlive(); i++) {
            try (Stream<String> lines = Files.lines(log.toPath())) {
                if (lines.anyMatch(line -> line.contains("generated " + SIZES.get(SIZES.size() - 1)))) {
                    return;
                }
            }
            Thread.sleep(500);
        }
        List<String> said = Files.readAllLines(log.toPath());
        said.subList(Math.max(0, said.size() - 40), said.size()).forEach(System.err::println);
        throw new IllegalStateException("the collections were not made; the application said why above");
    }

    /** Someone signed in, with the token of the last page. */
    private final class Visit {
        private final HttpClient client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(HttpClient.Redirect.NORMAL)
                .build();
        private String token = "";
        private String page = "";

        Visit(int size) throws IOException, InterruptedException {
            page = get("/sign-in");
            send(HttpRequest.newBuilder(URI.create(root + "/sign-in"))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(form(Map.of(
                            "username",
                            "generated-" + size,
                            "password",
                            "measured by lamplight",
                            "_csrf",
                            first("name=\"_csrf\" value=\"([^\"]+)\"", page)))))
                    .build());
            page = get("/");
            token = first("X-CSRF-TOKEN&quot;:&quot;([^&]+)&quot;", page);
        }

        String get(String address) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(root + address)).build());
        }

        String post(String address, Map<String, String> fields) throws IOException, InterruptedException {
            return send(HttpRequest.newBuilder(URI.create(root + address))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .header("HX-Request", "true")
                    .header("X-CSRF-TOKEN", token)
                    .POST(HttpRequest.BodyPublishers.ofString(form(fields)))
                    .build());
        }

        private String send(HttpRequest request) throws IOException, InterruptedException {
            HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(request.uri() + " answered " + answer.statusCode());
            }
            return answer.body();
        }
    }

    private static String form(Map<String, String> fields) {
        StringBuilder form = new StringBuilder();
        fields.forEach((name, value) -> form.append(form.isEmpty() ? "" : "&")
                .append(name)
                .append('=')
                .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
        return form.toString();
    }

    /** One person alone, at each size: what a round costs. */
    private void sizes() throws IOException, InterruptedException {
        Map<Integer, Double> medians = new LinkedHashMap<>();
        for (int size : SIZES) {
            Visit visit = new Visit(size);
            List<String> stops = all(STOP, visit.page);
            List<Double> taken = new ArrayList<>();
            for (int i = 0; i < 2 * WARM_UP_TURNS + TURNS; i++) {
                long began = System.nanoTime();
                visit.get("/?stop=" + stops.get(i % stops.size()));
                if (i >= 2 * WARM_UP_TURNS) {
                    taken.add((System.nanoTime() - began) / 1e6);
                }
            }
            medians.put(size, share(taken, 0.5));
        }
        double smallest = medians.getOrDefault(SIZES.get(0), 0.0);
        medians.forEach((size, ms) -> System.out.printf(
                Locale.ROOT,
                "round alone, %4d plants    median %.1f ms; %.1f times the smallest (n log n would be %.0f times)%n",
                size,
                ms,
                ms / smallest,
                size * Math.log(size) / (SIZES.get(0) * Math.log(SIZES.get(0)))));
    }

    private void people(int size) throws InterruptedException, ExecutionException {
        Map<String, List<Double>> taken = new LinkedHashMap<>();
        for (String what : List.of("round", "plant", "watering written down")) {
            taken.put(what, Collections.synchronizedList(new ArrayList<>()));
        }
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<Void>> working = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            Random chance = new Random(person);
            Callable<Void> work = () -> {
                work(new Visit(size), chance, taken);
                return null;
            };
            working.add(people.submit(work));
        }
        for (Future<Void> future : working) {
            future.get();
        }
        people.shutdown();
        taken.forEach((what, times) -> System.out.printf(
                Locale.ROOT,
                "%d people, %-22s median %.0f ms, 95 of 100 under %.0f ms (%d measured)%n",
                PEOPLE,
                what,
                share(times, 0.5),
                share(times, 0.95),
                times.size()));
    }

    private static void work(Visit visit, Random chance, Map<String, List<Double>> taken)
            throws IOException, InterruptedException {
        List<String> stops = all(STOP, visit.page);
        for (int i = 0; i < WARM_UP_TURNS + TURNS; i++) {
            boolean counted = i >= WARM_UP_TURNS;
            String stop = stops.get(chance.nextInt(stops.size()));
            long began = System.nanoTime();
            String round = visit.get("/?stop=" + stop);
            count(taken, "round", began, counted);
            List<String> plants = all(PLANT, round);
            String plant = plants.get(chance.nextInt(plants.size()));
            began = System.nanoTime();
            visit.get(plant);
            count(taken, "plant", began, counted);
            Map<String, String> deed = Map.of(
                    "plant",
                    plant.substring("/plants/".length()),
                    "stop",
                    stop,
                    "form",
                    UUID.randomUUID().toString(),
                    "deed",
                    "GAVE",
                    "ml",
                    "200");
            began = System.nanoTime();
            visit.post("/round/deeds", deed);
            count(taken, "watering written down", began, counted);
        }
    }

    private static void count(Map<String, List<Double>> taken, String what, long began, boolean counted) {
        if (counted) {
            taken.getOrDefault(what, new ArrayList<>()).add((System.nanoTime() - began) / 1e6);
        }
    }

    /** What the application and its database keep in memory: the application's resident set, and the server's share of its own. */
    private void memory(long application, Path serverFile) throws IOException {
        double app = kilobytes(Path.of("/proc/" + application + "/smaps_rollup"), "Pss:") / 1024.0;
        double server = 0;
        try (Stream<Path> processes = Files.list(Path.of("/proc"))) {
            long postmaster = postmaster(serverFile);
            for (Path process : processes
                    .filter(path -> path.getFileName().toString().matches("\\d+"))
                    .toList()) {
                if (postmaster > 0
                        && (process.getFileName().toString().equals(String.valueOf(postmaster))
                                || parent(process) == postmaster)) {
                    server += kilobytes(process.resolve("smaps_rollup"), "Pss:") / 1024.0;
                }
            }
        }
        System.out.printf(
                Locale.ROOT,
                "memory                         application %.0f MB, database server %.0f MB, together %.0f MB%n",
                app,
                server,
                app + server);
    }

    private static long postmaster(Path file) {
        try {
            return Long.parseLong(Files.readAllLines(file).get(0).strip());
        } catch (IOException | NumberFormatException e) {
            return -1;
        }
    }

    private static long parent(Path process) {
        return kilobytes(process.resolve("status"), "PPid:");
    }

    private static long kilobytes(Path file, String field) {
        try {
            return Files.readAllLines(file).stream()
                    .filter(line -> line.startsWith(field))
                    .map(line -> line.replaceAll("\\D+", ""))
                    .mapToLong(Long::parseLong)
                    .findFirst()
                    .orElse(0);
        } catch (IOException e) {
            return 0;
        }
    }

    private static List<String> all(Pattern pattern, String text) {
        return pattern.matcher(text)
                .results()
                .map(found -> found.group(1))
                .distinct()
                .toList();
    }

    private static String first(String pattern, String text) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("the page lacks " + pattern);
        }
        return matcher.group(1);
    }

    private static double share(List<Double> values, double share) {
        double[] sorted = values.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(sorted);
        return sorted[(int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
    }
}

package mildlantern.bench;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
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
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Lets the application make collections of three sizes, then has four people work in the largest at once: the round, a plant's page,
 * a watering written down. Prints medians, the slowest twentieth, memory, and how the cost of a round grows with the collection.
 * Argument: the database server's process file.
 */
public final class LoadRun {
    private static final int PEOPLE = 4;
    private static final int TURNS = 120;
    private static final int WARM_UP_TURNS = 30;
    private static final List<Integer> SIZES = List.of(30, 300, 3000);
    private static final Pattern PLANT = Pattern.compile("href=\"(/plants/[0-9a-f-]{36})\"");
    private static final Pattern STOP = Pattern.compile("href=\"/\\?stop=([0-9a-f-]{36})\"");

    /** Characters of the largest plant page that was asked for. */
    private final AtomicInteger heaviest = new AtomicInteger();

    private LoadRun() {}

    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        LoadRun run = new LoadRun();
        File log = File.createTempFile("lantern-load", ".log");
        try (Served application =
                Served.start(Map.of("LANTERN_DEMO", "false", "LANTERN_GENERATED", "30,300,3000"), log)) {
            waitUntilMade(application, log);
            try (Stream<String> lines = Files.lines(log.toPath())) {
                lines.filter(line -> line.contains("generated "))
                        .forEach(line -> System.out.println(line.substring(line.indexOf("generated "))));
            }
            run.sizes();
            run.people(SIZES.get(SIZES.size() - 1));
            run.weight();
            run.memory(application.pid(), Path.of(arguments[0]));
        } finally {
            Files.deleteIfExists(log.toPath());
        }
    }

    /** The last line about a collection that was made is written when all is ready. */
    private static void waitUntilMade(Served application, File log) throws InterruptedException, IOException {
        for (int i = 0; i < 1800 && application.alive(); i++) {
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

    private static Visitor visitor(int size) throws IOException, InterruptedException {
        return new Visitor().signIn("generated-" + size, "measured by lamplight");
    }

    /** One person alone, at each size: what a round costs. */
    private void sizes() throws IOException, InterruptedException {
        Map<Integer, Double> medians = new LinkedHashMap<>();
        for (int size : SIZES) {
            Visitor visit = visitor(size);
            List<String> stops = Visitor.all(STOP, visit.page("/"));
            List<Double> taken = new ArrayList<>();
            for (int i = 0; i < 2 * WARM_UP_TURNS + TURNS; i++) {
                long began = System.nanoTime();
                visit.page("/?stop=" + stops.get(i % stops.size()));
                if (i >= 2 * WARM_UP_TURNS) {
                    taken.add(Shares.since(began));
                }
            }
            medians.put(size, Shares.of(taken, 0.5));
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
                work(visitor(size), chance, taken);
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
                Shares.of(times, 0.5),
                Shares.of(times, 0.95),
                times.size()));
    }

    private void work(Visitor visit, Random chance, Map<String, List<Double>> taken)
            throws IOException, InterruptedException {
        List<String> stops = Visitor.all(STOP, visit.page("/"));
        for (int i = 0; i < WARM_UP_TURNS + TURNS; i++) {
            boolean counted = i >= WARM_UP_TURNS;
            String stop = stops.get(chance.nextInt(stops.size()));
            long began = System.nanoTime();
            String round = visit.page("/?stop=" + stop);
            count(taken, "round", began, counted);
            List<String> plants = Visitor.all(PLANT, round);
            String plant = plants.get(chance.nextInt(plants.size()));
            began = System.nanoTime();
            heaviest.accumulateAndGet(visit.page(plant).length(), Math::max);
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
            visit.part("/round/deeds", deed);
            count(taken, "watering written down", began, counted);
        }
    }

    private static void count(Map<String, List<Double>> taken, String what, long began, boolean counted) {
        if (counted) {
            taken.getOrDefault(what, new ArrayList<>()).add(Shares.since(began));
        }
    }

    private void weight() {
        System.out.printf(Locale.ROOT, "largest page of a plant         %d KB of markup%n", heaviest.get() / 1000);
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
}

package mildlantern.bench;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Four people write while the application and its database are killed: each sends a line again, with the key of its form, until it is
 * acknowledged. Afterwards every acknowledged line must be in the log once. Arguments: how many writes, and a file in which the number of
 * acknowledged ones is kept, by which whoever kills goes.
 */
public final class KillRun {
    private static final int PEOPLE = 4;
    private static final int PLANTS = 12;
    private static final String NAME = "killer";
    private static final String PASSWORD = "a password for the killing";
    private static final Pattern MARK = Pattern.compile("kill-[0-9a-f-]{36}");

    private final Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    private final AtomicInteger again = new AtomicInteger();

    private KillRun() {}

    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        new KillRun().run(Integer.parseInt(arguments[0]), Path.of(arguments[1]));
    }

    private void run(int writes, Path progress) throws IOException, InterruptedException, ExecutionException {
        Visitor first = house();
        Files.writeString(progress, "0");
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<?>> working = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            int number = person;
            working.add(people.submit(() -> {
                write(writes / PEOPLE, number, progress);
                return null;
            }));
        }
        for (Future<?> one : working) {
            one.get();
        }
        people.shutdown();
        Map<String, Integer> found = new HashMap<>();
        Matcher marks = MARK.matcher(first.page("/exchange/log.csv"));
        while (marks.find()) {
            found.merge(marks.group(), 1, Integer::sum);
        }
        long lost =
                acknowledged.stream().filter(mark -> !found.containsKey(mark)).count();
        long doubled = found.values().stream().filter(times -> times > 1).count();
        System.out.printf(
                "acknowledged %d, found %d, doubled %d, lost %d; sent again %d times%n",
                acknowledged.size(), found.size(), doubled, lost, again.get());
        if (lost > 0 || doubled > 0) {
            throw new IllegalStateException("the record is not what was acknowledged");
        }
    }

    /** A new house with a stop and some plants. */
    private static Visitor house() throws IOException, InterruptedException {
        Visitor visitor = new Visitor();
        visitor.page("/welcome");
        visitor.post(
                "/welcome",
                Map.of(
                        "collectionName",
                        "House",
                        "hemisphere",
                        "north",
                        "name",
                        "Killer",
                        "signIn",
                        NAME,
                        "password",
                        PASSWORD));
        visitor.signIn(NAME, PASSWORD);
        visitor.post("/stops", Map.of("form", UUID.randomUUID().toString(), "name", "Sill", "note", ""));
        String page = visitor.page("/plants/new");
        String stop = Visitor.first("<option value=\"([0-9a-f-]{36})\"", page.substring(page.indexOf("id=\"stop\"")));
        for (int i = 1; i <= PLANTS; i++) {
            visitor.post(
                    "/plants",
                    Map.of(
                            "form",
                            UUID.randomUUID().toString(),
                            "name",
                            "Plant " + i,
                            "profile",
                            "phalaenopsis",
                            "stop",
                            stop,
                            "medium",
                            "bark",
                            "pot",
                            "CLAY"));
        }
        return visitor;
    }

    private void write(int writes, int person, Path progress) throws InterruptedException, IOException {
        Visitor visitor = null;
        for (int i = 0; i < writes; i++) {
            UUID form = UUID.randomUUID();
            String mark = "kill-" + UUID.randomUUID();
            Map<String, String> line = Map.of(
                    "form", form.toString(), "line", "Plant %d: noted %s".formatted(1 + (i + person) % PLANTS, mark));
            boolean done = false;
            while (!done) {
                try {
                    if (visitor == null) {
                        visitor = new Visitor().signIn(NAME, PASSWORD);
                    }
                    HttpResponse<String> answer = visitor.post("/quick", line);
                    done = answer.statusCode() == 200;
                } catch (IOException | IllegalStateException e) {
                    // Nobody is there, or he is only just coming up.
                }
                if (!done) {
                    again.incrementAndGet();
                    Thread.sleep(100);
                }
            }
            acknowledged.add(mark);
            synchronized (acknowledged) {
                Files.writeString(progress, String.valueOf(acknowledged.size()));
            }
        }
    }
}
